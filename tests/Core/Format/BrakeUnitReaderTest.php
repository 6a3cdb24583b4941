<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Format\VehicleReader;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** The hydraulic unit of a vehicle file: what it has to have, and the place that is named where something is not right. */
final class BrakeUnitReaderTest extends TestCase
{
    public function test_what_is_written_is_what_the_unit_has(): void
    {
        $unit = Workbench::vehicle('lendo-15')->brakeParts->unit;
        self::assertNotNull($unit);

        self::assertSame([7.6, [0.85], [INF]], [$unit->wiring->coils['FL.inlet']->ohms, $unit->wiring->coils['FL.inlet']->movesAtAmperes, $unit->wiring->coils['FL.inlet']->drivenAmperes]);
        self::assertSame([21.0, 'first'], [$unit->hydraulics->wheels['FL']->brake->newtonMetresPerBar, $unit->hydraulics->wheels['FL']->circuit]);
        self::assertSame(4.2, $unit->hydraulics->circuits['second']->isolation?->flow);
        self::assertNull(Workbench::vehicle('harl-13')->brakeParts->unit?->hydraulics->circuits['first']->isolation);
        self::assertNull(Workbench::vehicle('ostrel-t2')->brakeParts->unit);
    }

    public function test_a_valve_of_three_positions_says_what_it_is_driven_with(): void
    {
        $document = Workbench::json('core/Vehicle/BuiltIn/harl-13.json');
        $document['hydraulicUnit']['coils'] = array_fill_keys(['FL.valve', 'FR.valve', 'RL.valve', 'RR.valve'], ['ohms' => 1.4, 'movesAtAmperes' => [1.2, 3.5], 'drivenAmperes' => [2, 5]]);

        self::assertSame([2.0, 5.0], VehicleReader::read($document)->brakeParts->unit?->wiring->coils['RL.valve']->drivenAmperes);
    }

    /** @return array<string, array{list<string>, mixed, string}> path, what stands there instead (null: nothing), the place named */
    public static function mistakes(): array
    {
        return [
            'no unit at all' => [['hydraulicUnit'], null, '/hydraulicUnit'],
            'no brake where valves are' => [['hydraulicUnit', 'brakes', 'RR'], null, '/hydraulicUnit/brakes/RR'],
            'no winding of an outlet' => [['hydraulicUnit', 'coils', 'RR.outlet'], null, '/hydraulicUnit/coils/RR.outlet'],
            'a circuit that is not there' => [['hydraulicUnit', 'brakes', 'FL', 'circuit'], 'third', '/hydraulicUnit/brakes/FL/circuit'],
            'a winding without resistance' => [['hydraulicUnit', 'coils', 'FL.inlet', 'ohms'], 0, '/hydraulicUnit/coils/FL.inlet/ohms'],
            'an accumulator that takes nothing' => [['hydraulicUnit', 'circuits', 'first', 'accumulatorCubicCentimetres'], 0, '/hydraulicUnit/circuits/first/accumulatorCubicCentimetres'],
            'a valve of three positions with one current' => [['hydraulicUnit', 'coils', 'FL.valve'], ['ohms' => 1.4, 'movesAtAmperes' => [1.2]], '/hydraulicUnit/coils/FL.valve/movesAtAmperes/1'],
            'a wheel to be bled that is not there' => [['hydraulicUnit', 'bleedingOrder'], ['RR', 'XX'], '/hydraulicUnit/bleedingOrder/1'],
            'a housing that is neither one nor two' => [['hydraulicUnit', 'integrated'], 'perhaps', '/hydraulicUnit/integrated'],
            'a motor that is none' => [['hydraulicUnit', 'motorOhms'], 'strong', '/hydraulicUnit/motorOhms'],
        ];
    }

    /** @param  list<string>  $path */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_named_with_its_place(array $path, mixed $instead, string $place): void
    {
        $document = Workbench::json('core/Vehicle/BuiltIn/harl-13.json');
        $at = &$document;
        foreach (array_slice($path, 0, -1) as $name) {
            $at = &$at[$name];
        }
        $last = $path[count($path) - 1];
        $at[$last] = $instead;
        if ($instead === null) {
            unset($at[$last]);
        }
        unset($at);

        try {
            VehicleReader::read($document);
            self::fail('it was read');
        } catch (InvalidDocument $invalid) {
            self::assertSame($place, $invalid->pointer);
        }
    }
}
