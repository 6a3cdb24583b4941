<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Action\CarAction;
use Lernfall\Bay\Action\LiveSpeeds;
use Lernfall\Bay\Action\LookAt;
use Lernfall\Bay\Action\LookAtLamps;
use Lernfall\Bay\Action\Measure;
use Lernfall\Bay\Action\MeterFunction;
use Lernfall\Bay\Action\ReadCodes;
use Lernfall\Bay\Action\RoadTest;
use Lernfall\Bay\Action\Secure;
use Lernfall\Bay\Action\SecureStep;
use Lernfall\Bay\Action\Sight;
use Lernfall\Bay\Action\TurnKey;
use Lernfall\Bay\Action\TurnWheel;
use Lernfall\Bay\Action\Unplug;
use Lernfall\Bay\Ignition;
use Lernfall\Module\Failure;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Vehicle;

/** The usual tests of a car and of each of its channels, in the order of work. */
final readonly class StandardTests
{
    private const TURNS_PER_SECOND = 0.5;

    private const DRIVING_METRES_PER_SECOND = 30.0 / 3.6;

    public static function lamps(Vehicle $vehicle): StandardTest
    {
        return new StandardTest('lamps', self::driven(), new LookAtLamps, $vehicle->lamps);
    }

    /** @return list<StandardTest> */
    public static function of(Vehicle $vehicle, Channel $channel): array
    {
        $module = $vehicle->module;
        $plugs = $channel->plugs();
        $atSensor = $plugs[0];
        $atModule = $plugs[count($plugs) - 1];
        $sensorOpen = [new Unplug($atSensor->plugId)];
        $moduleOpen = [new Unplug($atModule->plugId)];
        $turning = [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand), new TurnWheel($channel->id, self::TURNS_PER_SECOND)];
        $keyOn = [new TurnKey(Ignition::On)];
        $sensorPins = self::pins($channel, $atSensor, PadSide::Wheel);
        $loomPins = self::pins($channel, $atSensor, PadSide::Module);
        $modulePins = self::pins($channel, $atModule, PadSide::Wheel);

        return [
            new StandardTest('codes', self::driven(), new ReadCodes, array_map(
                static fn (Failure $failure): string => $module->codes[$channel->id].'-'.$module->failureTypes[$failure->value],
                Failure::cases(),
            )),
            self::meter('ohms-sensor', $sensorOpen, MeterFunction::Ohms, $sensorPins),
            self::meter('ohms-from-module-plug', $moduleOpen, MeterFunction::Ohms, $modulePins),
            self::meter('ohms-first-to-body', $moduleOpen, MeterFunction::Ohms, [$modulePins[0], Pads::BODY]),
            self::meter('ohms-second-to-body', $moduleOpen, MeterFunction::Ohms, [$modulePins[1], Pads::BODY]),
            self::meter('ac-unplugged', [...$turning, ...$sensorOpen], MeterFunction::VoltsAc, $sensorPins),
            self::meter('ac-at-module', $turning, MeterFunction::VoltsAc, $modulePins),
            self::meter('bias-joined', $keyOn, MeterFunction::VoltsDc, $modulePins),
            self::meter('bias-open-plug', [...$keyOn, ...$sensorOpen], MeterFunction::VoltsDc, $loomPins),
            new StandardTest('speed-driving', [new TurnKey(Ignition::Running)], new LiveSpeeds(self::DRIVING_METRES_PER_SECOND), ["$channel->id.speed", "$channel->id.run"]),
            new StandardTest('look-ring', array_slice($turning, 0, 3), new LookAt($channel->id, Sight::Ring), ['sight']),
            new StandardTest('look-gap', array_slice($turning, 0, 3), new LookAt($channel->id, Sight::Gap), ['sight']),
            new StandardTest('look-cable', [], new LookAt($channel->id, Sight::Cable), ['sight']),
            new StandardTest('look-sensor-plug', $sensorOpen, new LookAt($channel->id, Sight::SensorPlug), ['sight']),
        ];
    }

    /** @return list<CarAction> */
    private static function driven(): array
    {
        return [new TurnKey(Ignition::Running), new RoadTest];
    }

    /**
     * @param  list<CarAction>  $before
     * @param  array{string, string}  $pads
     */
    private static function meter(string $id, array $before, MeterFunction $function, array $pads): StandardTest
    {
        return new StandardTest($id, $before, new Measure($function, ...$pads), ['reading']);
    }

    /** @return array{string, string} */
    private static function pins(Channel $channel, Plug $plug, PadSide $side): array
    {
        return [
            Pad::onPlug($channel->id, $plug->name(), $side, $channel->conductors[0]->id)->id,
            Pad::onPlug($channel->id, $plug->name(), $side, $channel->conductors[1]->id)->id,
        ];
    }
}
