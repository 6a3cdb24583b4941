<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Swap\SwapSensors;
use Lernfall\Evidence\Preview\StandardTest;
use Lernfall\Evidence\Preview\StandardTests;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Vehicle;

/** Tests that put something else in the place of a part: the sensor or the loom of the other side, or a part from the shelf. */
final readonly class Exchanges
{
    /** A wheel turned briskly by hand is seen by every module. */
    private const TURNS_PER_SECOND = 2.0;

    /** @return list<StandardTest> whether a speed is read with it while the wheel turns */
    public static function of(Vehicle $vehicle, Channel $channel): array
    {
        if ($vehicle->module->lampCodes !== null) {
            return [];
        }
        $opposite = $vehicle->opposite($channel->id);

        return [
            ...self::valves($vehicle, $channel),
            self::turned('speed-with-trial-sensor', $channel, [...StandardTests::secured(), new FitKnownGoodPart(KnownGoodPart::Sensor, $channel->id, true)], $channel),
            ...($opposite === null ? [] : [
                self::turned('speed-swapped', $channel, [...StandardTests::secured(), new SwapSensors($channel->id)], $channel, $opposite->id),
                self::turned('speed-over-other-loom', $opposite, [...StandardTests::secured(), ...self::joined($channel, $opposite)], $channel, $opposite->id),
            ]),
        ];
    }

    /** @return list<StandardTest> whether a wheel is let go once the valves are fed through another relay */
    private static function valves(Vehicle $vehicle, Channel $channel): array
    {
        return KnownGoodPart::ValveRelay->places($vehicle) === [] || ! $vehicle->brakeParts->has(BrakeParts::valves($channel->id)) ? [] : [new StandardTest(
            'valves-with-trial-relay',
            [...StandardTests::secured(), new FitKnownGoodPart(KnownGoodPart::ValveRelay, Vehicle::WHOLE, true), new TurnKey(Ignition::On)],
            new TestActuator(BrakeParts::valves($channel->id)), ['wheel'], false,
        )];
    }

    /** @return list<StandardTest> */
    public static function ofTheWholeCar(Vehicle $vehicle): array
    {
        [, , , $supply, $ground] = Pads::FEED;
        $trial = static fn (KnownGoodPart $part): array => [new FitKnownGoodPart($part, Vehicle::WHOLE, true), new TurnKey(Ignition::On)];
        $tests = [new StandardTest('feed-with-trial-relay', $trial(KnownGoodPart::SupplyRelay), new Measure(MeterFunction::VoltsDc, $supply, $ground), ['reading'], false)];
        if (KnownGoodPart::PumpRelay->places($vehicle) !== [] && $vehicle->module->lampCodes === null) {
            $tests[] = new StandardTest('pump-with-trial-relay', $trial(KnownGoodPart::PumpRelay), new TestActuator(BrakeParts::PUMP), ['pump'], false);
        }

        return $tests;
    }

    /** @param  list<CarAction>  $before */
    private static function turned(string $id, Channel $read, array $before, Channel $turned, string $with = ''): StandardTest
    {
        return new StandardTest($id, [...$before, new TurnWheel($turned->id, self::TURNS_PER_SECOND), new TurnKey(Ignition::On)], new LiveSpeeds(0.0), ["$read->id.speed"], true, $with);
    }

    /** @return list<CarAction> the sensor of one side on the loom of the other */
    private static function joined(Channel $channel, Channel $opposite): array
    {
        $plugs = [$channel->plugs()[0], $opposite->plugs()[0]];

        return [new Unplug($plugs[0]->plugId), new Unplug($plugs[1]->plugId), new ConnectLeads(array_map(static fn ($mine, $its): array => [
            Pad::onPlug($channel->id, $plugs[0]->name(), PadSide::Wheel, $mine->id)->id,
            Pad::onPlug($opposite->id, $plugs[1]->name(), PadSide::Module, $its->id)->id,
        ], $channel->conductors, $opposite->conductors))];
    }
}
