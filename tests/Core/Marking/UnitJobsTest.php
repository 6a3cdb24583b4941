<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Format\CaseDocument;
use Lernfall\Format\CaseReader;
use Lernfall\Marking\MarkSheet;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** The examples of the hydraulic unit, each worked soundly and unsoundly. */
final class UnitJobsTest extends TestCase
{
    /** Examples worked on closed ground. */
    private const ON_THE_ROAD = ['traction-dead' => true, 'false-control' => true, 'locks-on-the-road' => true, 'normal-on-snow' => true];

    /** @return array<string, array{string, array<string, string>}> example, and what the unsound way loses by criterion and reason */
    public static function examples(): array
    {
        return [
            'outlet stuck shut, no code' => ['outlet-stuck', ['repair' => 'mark.repair.still-faulty', 'reading' => 'mark.reading.none']],
            'pump dead, its relay sound' => ['pump-dead', ['repair' => 'mark.repair.unsupported-again']],
            'a relay that passes valve by valve' => ['valve-relay', ['repair' => 'mark.repair.still-faulty']],
            'level switch, no code' => ['level-switch', ['repair' => 'mark.repair.still-faulty']],
            'temperature switch, traction control off' => ['traction-dead', ['repair' => 'mark.repair.makeshift']],
            'a weak signal makes control where none should be' => ['false-control', ['repair' => 'mark.repair.makeshift']],
            'nothing wrong: control on snow' => ['normal-on-snow', ['repair' => 'mark.repair.still-faulty', 'reasoning' => 'mark.reasoning.wrong']],
            'outlet stuck shut, found by a hard stop' => ['locks-on-the-road', ['repair' => 'mark.repair.still-faulty']],
        ];
    }

    /** @param  array<string, string>  $loses */
    #[DataProvider('examples')]
    public function test_the_sound_way_earns_everything_and_the_unsound_one_does_not(string $example, array $loses): void
    {
        $sound = self::marks($example, '');
        self::assertSame([], array_map(static fn ($mark): string => $mark->verdict->reason, array_filter($sound->marks, static fn ($mark): bool => $mark->points < $mark->outOf)));

        if (isset(self::ON_THE_ROAD[$example]) && ! Sweep::isThorough()) {
            return; // a minute each
        }
        $unsound = self::marks($example, '-unsound');
        self::assertLessThan(50.0, $unsound->points());
        foreach ($loses as $criterion => $reason) {
            self::assertSame($reason, $unsound->mark($criterion)?->verdict->reason, $criterion);
        }
    }

    /** Renewed, but neither bled nor coded: the work is not finished. */
    public function test_a_unit_that_was_not_bled_is_half_a_repair(): void
    {
        $script = array_values(array_filter(self::script('pump-dead', ''), static fn (array $action): bool => ($action['kind'] ?? '') !== 'bleed-brakes'));
        $document = self::document('pump-dead');
        $sheet = Played::on($document->case)->do(...$script)->marks($document->policy, $document->knowledge);

        self::assertSame('mark.repair.unfinished', $sheet->mark('repair')?->verdict->reason);
        self::assertSame(10.0, $sheet->mark('repair')->points);
    }

    private static function marks(string $example, string $way): MarkSheet
    {
        $document = self::document($example);

        return Played::on($document->case)->do(...self::script($example, $way))->marks($document->policy, $document->knowledge);
    }

    private static function document(string $example): CaseDocument
    {
        $reader = new CaseReader(['harl-13' => Workbench::json('core/Vehicle/BuiltIn/harl-13.json'), 'lendo-15' => Workbench::json('core/Vehicle/BuiltIn/lendo-15.json'), 'brack-22' => Workbench::json('core/Vehicle/BuiltIn/brack-22.json')], Workbench::catalogue(), ['workshop' => Workbench::json('core/Marking/policies/workshop.json')]);

        return $reader->read(Workbench::json("examples/$example.case.json"));
    }

    /** @return list<array<string, mixed>> */
    private static function script(string $example, string $way): array
    {
        return Workbench::json("examples/$example$way.script.json")['actions'];
    }
}
