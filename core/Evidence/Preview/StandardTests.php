<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Actuators\ReadSwitches;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Gauge\GaugeGap;
use Lernfall\Bay\Hands\RockWheel;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\LampCodes\CyclePower;
use Lernfall\Bay\LampCodes\OpenCheckConnector;
use Lernfall\Bay\LampCodes\WatchLamp;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Module\Failure;
use Lernfall\Module\PartsCheck;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Vehicle;

/** The usual tests of a car and of each of its channels, in the order of work. */
final readonly class StandardTests
{
    private const WIRES = ['first', 'second', 'third'];

    private const TURNS_PER_SECOND = 0.5;

    private const DRIVING_METRES_PER_SECOND = 30.0 / 3.6;

    public static function lamps(Vehicle $vehicle): StandardTest
    {
        return new StandardTest('lamps', self::driven(), new LookAtLamps, $vehicle->lamps, false);
    }

    /** @return list<StandardTest> */
    public static function of(Vehicle $vehicle, Channel $channel): array
    {
        $bench = new self($channel);
        $module = $vehicle->module;

        return [
            ...($module->lampCodes !== null ? [] : [new StandardTest('codes', self::driven(), new ReadCodes, array_values(array_unique(array_filter(array_map(
                static fn (Failure $failure): string => $module->dialect->code($channel->id, $failure->value),
                Failure::ofChannels(),
            )))), false)]),
            ...$bench->ohms(),
            ...$bench->volts(),
            ...($module->lampCodes !== null ? [] : [new StandardTest('speed-driving', [new TurnKey(Ignition::Running)], new LiveSpeeds(self::DRIVING_METRES_PER_SECOND), ["$channel->id.speed", "$channel->id.run"])]),
            new StandardTest('look-ring', [...self::secured(), new TurnWheel($channel->id, self::TURNS_PER_SECOND)], new LookAt($channel->id, Sight::Ring), ['sight']),
            ...($module->lampCodes === null && $vehicle->brakeParts->has(BrakeParts::valves($channel->id)) ? [new StandardTest('valves', [...self::secured(), new TurnKey(Ignition::On)], new TestActuator(BrakeParts::valves($channel->id)), ['wheel'])] : []),
            new StandardTest('look-gap', self::secured(), new LookAt($channel->id, Sight::Gap), ['sight']),
            new StandardTest('gauge-gap', self::secured(), new GaugeGap($channel->id), ['gap']),
            new StandardTest('rock-wheel', self::secured(), new RockWheel($channel->id), ['play', 'ring', 'sensor']),
            new StandardTest('look-tyre', [], new LookAt($channel->id, Sight::Tyre), ['sight']),
            new StandardTest('look-tip', self::secured(), new LookAt($channel->id, Sight::Tip), ['sight']),
            new StandardTest('look-cable', [], new LookAt($channel->id, Sight::Cable), ['sight']),
            new StandardTest('look-sensor-plug', $bench->sensorOpen(), new LookAt($channel->id, Sight::SensorPlug), ['sight']),
            ...($channel->has('body-plug') ? [new StandardTest('look-body-plug', [new Unplug($channel->plug('body-plug')->plugId)], new LookAt($channel->id, Sight::BodyPlug), ['sight'])] : []),
            new StandardTest('look-module-plug', $bench->moduleOpen(), new LookAt($channel->id, Sight::ModulePlug), ['sight']),
        ];
    }

    /** @return list<StandardTest> what is looked at and measured at no corner: the module's supply under its own load */
    public static function ofTheWholeCar(Vehicle $vehicle): array
    {
        $keyOn = [new TurnKey(Ignition::On)];
        [$fuseIn, $fuseOut, , $supply, $ground] = Pads::FEED;
        $drop = static fn (string $id, string $first, string $second): StandardTest => new StandardTest($id, $keyOn, new Measure(MeterFunction::VoltsDc, $first, $second), ['reading'], false);

        return [
            ...self::lampCodes($vehicle),
            ...self::ofTheBrakes($vehicle),
            $drop('feed-at-module', $supply, $ground),
            $drop('feed-drop-fuse', $fuseIn, $fuseOut),
            $drop('feed-drop-supply', Pads::BATTERY_POSITIVE, $supply),
            $drop('feed-drop-ground', $ground, Pads::BODY),
            $drop('battery-volts', Pads::BATTERY_POSITIVE, Pads::BATTERY_NEGATIVE),
            new StandardTest('look-fuse', [], new LookAt(Vehicle::WHOLE, Sight::Fuse), ['sight'], false),
            new StandardTest('look-ground', [], new LookAt(Vehicle::WHOLE, Sight::Ground), ['sight'], false),
        ];
    }

    /** @return list<StandardTest> valves, pump, switches, fluid: what the terminal reads and works, and a look */
    private static function ofTheBrakes(Vehicle $vehicle): array
    {
        $parts = $vehicle->brakeParts;
        if ($parts->ids() === [] || $vehicle->module->lampCodes !== null) {
            return [];
        }
        $codes = [];
        foreach ((new PartsCheck($parts, $vehicle->module->dialect))->subjects() as $part) {
            foreach (Failure::ofParts() as $failure) {
                $codes[] = $vehicle->module->dialect->code($part, $failure->value);
            }
        }
        $switches = array_values(array_filter([BrakeParts::STOP_LAMP_SWITCH, BrakeParts::PARKING_BRAKE_SWITCH, BrakeParts::LEVEL_SWITCH], $parts->has(...)));

        return [
            new StandardTest('codes-of-parts', self::driven(), new ReadCodes, array_values(array_unique(array_filter($codes))), false),
            new StandardTest('bulbs', [new TurnKey(Ignition::On)], new LookAtLamps, array_map(static fn (string $lamp): string => "bulb.$lamp", $vehicle->lamps), false),
            new StandardTest('pump', [new TurnKey(Ignition::On)], new TestActuator(BrakeParts::PUMP), ['pump'], false),
            new StandardTest('switches', [new TurnKey(Ignition::On)], new ReadSwitches, $switches, false),
            new StandardTest('look-fluid', [], new LookAt(Vehicle::WHOLE, Sight::Fluid), ['sight'], false),
        ];
    }

    /** @return list<StandardTest> where the module blinks its codes, all of them in one list */
    private static function lampCodes(Vehicle $vehicle): array
    {
        $rules = $vehicle->module->lampCodes;
        $cycle = $rules?->cycle;

        return match (true) {
            $rules === null => [],
            $cycle !== null => [new StandardTest('lamp-codes', self::driven(), new CyclePower($cycle->onSeconds, $cycle->offSeconds), ['lamp'], false)],
            default => [new StandardTest('lamp-codes', [...self::driven(), new OpenCheckConnector(true)], new WatchLamp, ['lamp'], false)],
        };
    }

    private function __construct(private Channel $channel)
    {
    }

    /** @return list<StandardTest> */
    private function ohms(): array
    {
        $bothOpen = [...$this->sensorOpen(), ...$this->moduleOpen()];
        $tests = [
            $this->meter('ohms-sensor', $this->sensorOpen(), MeterFunction::Ohms, $this->sensorPin(0), $this->sensorPin(1)),
            $this->meter('ohms-from-module-plug', $this->moduleOpen(), MeterFunction::Ohms, $this->modulePin(0), $this->modulePin(1)),
        ];
        foreach (array_keys($this->channel->conductors) as $index) {
            $wire = self::WIRES[$index];
            $tests[] = $this->meter("ohms-$wire-to-body", $this->moduleOpen(), MeterFunction::Ohms, $this->modulePin($index), Pads::BODY);
            $tests[] = $this->meter("ohms-$wire-through", $bothOpen, MeterFunction::Ohms, $this->loomPin($index), $this->modulePin($index));
        }

        return $tests;
    }

    /** @return list<StandardTest> */
    private function volts(): array
    {
        $keyOn = [new TurnKey(Ignition::On)];
        $turning = [...self::secured(), new TurnWheel($this->channel->id, self::TURNS_PER_SECOND)];
        $openPlug = $this->meter('bias-open-plug', [...$keyOn, ...$this->sensorOpen()], MeterFunction::VoltsDc, $this->loomPin(0), $this->loomPin(1));
        if (! Switching::isActive($this->channel)) {
            return [
                $this->meter('ac-unplugged', [...$turning, ...$this->sensorOpen()], MeterFunction::VoltsAc, $this->sensorPin(0), $this->sensorPin(1)),
                $this->meter('ac-at-module', $turning, MeterFunction::VoltsAc, $this->modulePin(0), $this->modulePin(1)),
                $this->meter('bias-joined', $keyOn, MeterFunction::VoltsDc, $this->modulePin(0), $this->modulePin(1)),
                $openPlug,
            ];
        }
        $fed = [...$turning, ...$keyOn];
        $tests = [
            $this->meter('supply-at-sensor', $fed, MeterFunction::VoltsDc, $this->sensorPin(0), $this->sensorPin(1)),
            $openPlug,
        ];
        foreach (array_keys($this->channel->conductors) as $index) {
            $wire = self::WIRES[$index];
            $tests[] = $this->meter("dc-$wire-turning", $fed, MeterFunction::VoltsDc, $this->modulePin($index), Pads::BODY);
            $tests[] = $this->meter("ac-$wire-turning", $fed, MeterFunction::VoltsAc, $this->modulePin($index), Pads::BODY);
        }

        return $tests;
    }

    /** @return list<CarAction> */
    private static function driven(): array
    {
        return [new TurnKey(Ignition::Running), new RoadTest];
    }

    /** @return list<CarAction> */
    public static function secured(): array
    {
        return [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand)];
    }

    /** @return list<CarAction> */
    private function sensorOpen(): array
    {
        return [new Unplug($this->channel->plugs()[0]->plugId)];
    }

    /** @return list<CarAction> */
    private function moduleOpen(): array
    {
        return [new Unplug($this->atModule()->plugId)];
    }

    /** @param  list<CarAction>  $before */
    private function meter(string $id, array $before, MeterFunction $function, string $first, string $second): StandardTest
    {
        return new StandardTest($id, $before, new Measure($function, $first, $second), ['reading']);
    }

    private function sensorPin(int $conductor): string
    {
        return $this->pin($this->channel->plugs()[0], PadSide::Wheel, $conductor);
    }

    private function loomPin(int $conductor): string
    {
        return $this->pin($this->channel->plugs()[0], PadSide::Module, $conductor);
    }

    private function modulePin(int $conductor): string
    {
        return $this->pin($this->atModule(), PadSide::Wheel, $conductor);
    }

    private function atModule(): Plug
    {
        $plugs = $this->channel->plugs();

        return $plugs[count($plugs) - 1];
    }

    private function pin(Plug $plug, PadSide $side, int $conductor): string
    {
        return Pad::onPlug($this->channel->id, $plug->name(), $side, $this->channel->conductors[$conductor]->id)->id;
    }
}
