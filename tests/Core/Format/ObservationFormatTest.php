<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedPicture;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\ObservationFormat;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\ActionExamples;
use Tests\Support\Played;
use Tests\Support\Workbench;

final class ObservationFormatTest extends TestCase
{
    /** @return array<string, array{Observation}> */
    public static function observations(): array
    {
        return [
            'nothing' => [Observation::written()],
            'refused' => [new Observation('refused', [], Refusal::Unsecured, [])],
            'with notes' => [new Observation('done', [], null, [Note::RepairIgnitionOn])],
            'a number' => [new Observation('reading', ['reading' => ObservedNumber::shown('ohms', 1340.0, 1.0)], null, [])],
            'a small number' => [new Observation('reading', ['reading' => ObservedNumber::shown('volts', -0.000125, 0.000001)], null, [])],
            'overload' => [new Observation('reading', ['reading' => ObservedNumber::overload('ohms')], null, [])],
            'a picture' => [new Observation('sight', ['sight' => 'teeth-even'], null, [], new ObservedPicture('ring', ['rust' => 0.3, 'gone' => 2.0, 'turning' => 'no']))],
            'words' => [new Observation('codes', ['C0040-13' => 'present', 'answer' => 'yes'], null, [])],
            'a trace' => [new Observation('trace', ['input1' => new ObservedTrace([-3, 0, 12, 100], 0.0001, 0.02)], null, [])],
        ];
    }

    #[DataProvider('observations')]
    public function test_what_is_written_reads_back_the_same(Observation $observation): void
    {
        $json = json_encode(ObservationFormat::write($observation), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);

        self::assertEquals($observation, ObservationFormat::read(json_decode($json, true, 64, JSON_THROW_ON_ERROR)));
    }

    public function test_so_does_everything_the_bay_shows(): void
    {
        $played = Played::on(Workbench::case([['coil-open', 'FR']]))->secured();
        foreach (ActionExamples::all() as $name => $action) {
            if (in_array($name, ['name-cause', 'write-reading', 'strike-out', 'conclude', 'check-connector', 'cycle-power'], true)) {
                continue; // these need something before them or another car, and show nothing
            }
            $shown = $played->do($action)->shown();
            self::assertEquals($shown, ObservationFormat::read(json_decode((string) json_encode(ObservationFormat::write($shown), JSON_PRESERVE_ZERO_FRACTION), true)), $name);
        }
    }

    public function test_a_number_without_its_step_is_refused(): void
    {
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessage('/values/reading/resolution');
        ObservationFormat::read(['kind' => 'reading', 'values' => ['reading' => ['unit' => 'ohms', 'si' => 3.0, 'overload' => false]], 'refusal' => '', 'notes' => []]);
    }
}
