<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Format\CanonicalJson;
use Lernfall\Format\CaseReader;
use Lernfall\Sensor\Passive\PassiveSensor;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sentences;
use Tests\Support\Workbench;

final class CaseReaderTest extends TestCase
{
    /** @return array<string, array{array<string, mixed>, string}> */
    public static function broken(): array
    {
        return [
            'format' => [['format' => 'lernfall-case/9'], '/format: expected "lernfall-case/2", found \'lernfall-case/9\''],
            'car' => [['car' => 'nobody'], "/car: expected one of harl-13, found 'nobody'"],
            'kind' => [['faults' => [['kind' => 'gremlins', 'channel' => 'FR']]], "/faults/0/kind: no fault of the kind 'gremlins' is known"],
            'channel' => [['faults' => [['kind' => 'coil-open', 'channel' => 'XX']]], "/faults/0/channel: this vehicle has no channel 'XX', only FL, FR, RL, RR"],
            'conductor' => [['faults' => [['kind' => 'loom-open', 'channel' => 'FR']]], "/faults/0/conductor: 'loom-open' sits on one conductor out of 1, 2"],
            'strength' => [['faults' => [['kind' => 'gap-large', 'channel' => 'FR', 'strength' => 1.0]]], "/faults/0/strength: the strength of 'gap-large' lies between 0.0001 and 0.004 (metres)"],
            'provocation' => [['faults' => [['kind' => 'coil-open', 'channel' => 'FR', 'provokedBy' => 'kindness']]], '/faults/0/provokedBy: expected one of '],
            'two provocations at one channel' => [
                ['faults' => [['kind' => 'coil-open', 'channel' => 'FR', 'provokedBy' => 'heat'], ['kind' => 'loom-open', 'channel' => 'FR', 'conductor' => '1', 'provokedBy' => 'wet']]],
                "/faults/1/provokedBy: another fault at FR is provoked by 'heat'; at one channel all are provoked alike",
            ],
            'a fault the sensor cannot have' => [['faults' => [['kind' => 'sensor-dead', 'channel' => 'FR']]], "/faults/0/kind: 'sensor-dead' cannot be at FR, where a sensor of the kind 'passive' looks at teeth"],
            'a known pair that two things provoke' => [
                ['knowledge' => ['pairs' => [[['kind' => 'coil-open', 'channel' => 'FR', 'provokedBy' => 'heat'], ['kind' => 'loom-open', 'channel' => 'FR', 'conductor' => '1', 'provokedBy' => 'wet']]]]],
                "/knowledge/pairs/0/1/provokedBy: another fault at FR is provoked by 'heat'; at one channel all are provoked alike",
            ],
            'no fault' => [['faults' => []], '/faults: expected at least one fault, found array'],
            'a symptom nobody knows' => [['format' => 'lernfall-case/2', 'symptoms' => ['grumbles']], '/symptoms: expected one of in-left-bends, '],
            'a repair nobody knows' => [['format' => 'lernfall-case/2', 'madeElsewhere' => ['polish']], '/madeElsewhere: expected one of clean-plug, '],
            'a value the car does not have' => [['carValues' => ['/wings' => 2]], "/carValues/~1wings: the car has no value at '/wings'"],
            'a value of the wrong type' => [['carValues' => ['/ambientCelsius' => 'warm']], "/carValues/~1ambientCelsius: expected a number, found 'warm'"],
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('broken')]
    public function test_an_error_names_the_path_and_what_was_expected(array $change, string $message): void
    {
        self::assertStringStartsWith($message, Sentences::ofRefused(fn () => $this->reader()->read([...$this->document(), ...$change])));
    }

    public function test_a_case_can_replace_any_value_of_its_car(): void
    {
        $case = $this->reader()->read([...$this->document(), 'carValues' => [
            '/channels/FR/sensor/coilOhmsAt20Celsius' => 1510,
            '/channels/FR/links/1/lengthMetres' => 2.6,
        ]])->case;

        self::assertSame(1510.0, $this->coil($case->sound, 'FR'));
        self::assertSame(2.6, $case->sound->channel('FR')->cable('loom')->wires['1']->lengthMetres);
        self::assertSame(1340.0, $this->coil($case->sound, 'FL'));
    }

    public function test_a_frozen_case_holds_its_vehicle_and_reads_the_same(): void
    {
        $document = [...$this->document(), 'carValues' => ['/tyre/size' => '195/55 R15']];
        $frozen = $this->reader()->frozen($document);

        self::assertArrayNotHasKey('car', $frozen);
        self::assertEquals($this->reader()->read($document), (new CaseReader([], Workbench::catalogue(), []))->read($frozen));
    }

    public function test_canonical_json_does_not_depend_on_the_order_of_names(): void
    {
        self::assertSame(CanonicalJson::of(['b' => [2, 1], 'a' => 1.0]), CanonicalJson::of(['a' => 1.0, 'b' => [2, 1]]));
        self::assertSame('{"a":1.0,"b":[2,1]}', CanonicalJson::of(['b' => [2, 1], 'a' => 1.0]));
    }

    public function test_format_2_may_have_no_fault_and_format_1_may_not(): void
    {
        $document = ['format' => 'lernfall-case/2', 'faults' => [], 'symptoms' => ['after-rain'], 'madeElsewhere' => ['replace-module']] + $this->document();
        $read = $this->reader()->read($document);

        self::assertSame([], $read->case->faults);
        self::assertTrue($read->case->needsNoRepair());
        self::assertSame(['after-rain'], array_map(static fn ($one): string => $one->id, $read->knowledge->symptoms));
        self::assertSame(['replace-module'], $read->case->madeElsewhere);
        $this->expectExceptionMessage('/faults');
        $this->reader()->read(['format' => 'lernfall-case/1'] + $document);
    }

    private function coil(Vehicle $vehicle, string $corner): float
    {
        $sensor = $vehicle->channel($corner)->sensor;
        self::assertInstanceOf(PassiveSensor::class, $sensor);

        return $sensor->coilOhmsAt20Celsius;
    }

    private function reader(): CaseReader
    {
        return new CaseReader(
            ['harl-13' => Workbench::json('core/Vehicle/BuiltIn/harl-13.json')],
            Workbench::catalogue(),
            ['workshop' => Workbench::json('core/Marking/policies/workshop.json')],
        );
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        return Workbench::json('examples/coil-open.case.json');
    }
}
