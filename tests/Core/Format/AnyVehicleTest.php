<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Document\InvalidDocument;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Format\CaseReader;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** Whatever a case puts in place of any one value of its car: it is refused at its place, or the car can be worked on. */
final class AnyVehicleTest extends TestCase
{
    private const CARS = ['harl-13', 'lendo-15', 'brack-22', 'mirl-10', 'ostrel-t2'];

    private const INSTEAD = [null, '', 'x', [], -1, 0, 1e9, 1e-9, true, ['a', 'b'], ['a' => ['b' => 1]]];

    /** Of all places and values on all cars, in a usual run. */
    private const SAMPLE = 600;

    public function test_it_is_refused_at_its_place_or_can_be_worked_on(): void
    {
        $changes = [];
        foreach (self::CARS as $car) {
            foreach ($this->pointers($car) as $pointer) {
                foreach (self::INSTEAD as $value) {
                    $changes[] = [$car, $pointer, $value];
                }
            }
        }
        self::assertGreaterThan(8000, count($changes));
        $refused = 0;
        $worked = 0;
        foreach (Sweep::of($changes, self::SAMPLE) as [$car, $pointer, $value]) {
            try {
                $case = $this->reader($car)->read($this->document($car, [$pointer => $value]))->case;
            } catch (InvalidDocument $invalid) {
                self::assertMatchesRegularExpression('~^/(carValues|vehicle|faults)~', $invalid->pointer, $pointer);
                $refused++;

                continue;
            }
            $played = Played::on($case, 'anything');
            foreach ($this->work($case->sound->channelIds()[0]) as $action) {
                try {
                    $played->do($action);
                } catch (UnfitAction) {
                    continue; // a car that blinks has no live speeds, and so on
                }
            }
            self::assertNotSame('', (new Remedies(Workbench::simulator()))->name(Car::hypothesis($case->faultyVehicle(), $case->sound)), $pointer);
            $worked++;
        }
        self::assertGreaterThan(4 * $worked, $refused);
        self::assertGreaterThan(30, $worked);
    }

    /** @return list<string> to everything of the car but its other corners, which are made alike */
    private function pointers(string $car): array
    {
        $document = $this->vehicle($car);
        $corner = (string) array_key_first((array) $document['channels']);
        $pointers = [];
        $walk = static function (array $at, string $pointer) use (&$walk, &$pointers): void {
            foreach ($at as $key => $value) {
                $pointers[] = $here = $pointer.'/'.str_replace(['~', '/'], ['~0', '~1'], (string) $key);
                if (is_array($value)) {
                    $walk($value, $here);
                }
            }
        };
        $walk(array_diff_key($document, ['channels' => 1]), '');
        $walk((array) ((array) $document['channels'])[$corner], "/channels/$corner");

        return [...$pointers, '/channels'];
    }

    /** @return list<array<string, mixed>> a little of everything */
    private function work(string $corner): array
    {
        return [
            ['do' => 'ignition', 'to' => 'running'], ['do' => 'look-at-lamps'], ['do' => 'watch-lamp'], ['do' => 'read-codes'],
            ['do' => 'live-speeds', 'kilometresPerHour' => 30], ['do' => 'road-test'], ['do' => 'record-drive', 'route' => 'left-bends', 'onCode' => false],
            ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'feed.supply', 'second' => 'body'], ['do' => 'ignition', 'to' => 'off'],
            ['do' => 'look-up-data-sheet'], ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'],
            ['do' => 'turn-wheel', 'channel' => $corner, 'turnsPerSecond' => 1.0], ['do' => 'provoke', 'how' => 'wiggle-loom', 'channel' => $corner],
            ['do' => 'capture', 'inputs' => [['first' => "$corner.module-plug.wheel.1", 'second' => 'body', 'voltsPerDivision' => 0.5, 'coupling' => 'dc']], 'secondsPerDivision' => 0.02, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']],
            ['do' => 'unplug', 'plug' => "$corner.sensor-plug"], ['do' => 'measure', 'function' => 'ohms', 'first' => "$corner.sensor-plug.wheel.1", 'second' => "$corner.sensor-plug.wheel.2"],
            ['do' => 'inject', 'channel' => $corner, 'shape' => 'sine', 'hertz' => 100, 'amplitude' => 1], ['do' => 'feed-sensor', 'channel' => $corner, 'volts' => 12, 'milliamperes' => 50, 'reversed' => false],
            ['do' => 'gauge-gap', 'channel' => $corner], ['do' => 'look', 'channel' => $corner, 'at' => 'ring'], ['do' => 'look', 'channel' => $corner, 'at' => 'gap'],
        ];
    }

    /**
     * @param  array<string, mixed>  $carValues
     * @return array<array-key, mixed>
     */
    private function document(string $car, array $carValues): array
    {
        $corner = array_key_first((array) $this->vehicle($car)['channels']);
        $fault = ['kind' => 'loom-open', 'channel' => $corner, 'conductor' => '1'];

        return ['car' => $car, 'policy' => 'workshop', 'faults' => [$fault], 'carValues' => $carValues] + Workbench::json('examples/coil-open.case.json');
    }

    private function reader(string $car): CaseReader
    {
        return new CaseReader([$car => $this->vehicle($car)], Workbench::catalogue(), ['workshop' => Workbench::json('core/Marking/policies/workshop.json')]);
    }

    /** @return array<array-key, mixed> */
    private function vehicle(string $car): array
    {
        return Workbench::json("core/Vehicle/BuiltIn/$car.json");
    }
}
