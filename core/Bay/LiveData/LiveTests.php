<?php

declare(strict_types=1);

namespace Lernfall\Bay\LiveData;

use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Preliminaries\Pins;
use Lernfall\Bay\Swap\SwapSensors;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/** What the live wheel speeds tell: on the road, of a generator, and of something else in the place of a part. */
final readonly class LiveTests
{
    private const DRIVING_METRES_PER_SECOND = 30.0 / 3.6;

    /** A generator that a healthy input hears without trouble. */
    private const HERTZ = 100.0;

    private const SINE_VOLTS = 1.0;

    private const SQUARE_AMPERES = 0.014;

    /** A wheel turned briskly by hand is seen by every module. */
    private const TURNS_PER_SECOND = 2.0;

    /** @return list<CandidateTest> of a car whose module answers a tool */
    public static function of(Vehicle $vehicle, Channel $channel): array
    {
        $opposite = $vehicle->opposite($channel->id);

        return [
            CandidateTest::usual('speed-driving', Before::running(), new LiveSpeeds(self::DRIVING_METRES_PER_SECOND), ["$channel->id.speed", "$channel->id.run"]),
            ...self::injected($channel),
            self::turned('speed-with-trial-sensor', $channel, [...Before::secured(), new FitKnownGoodPart(KnownGoodPart::Sensor, $channel->id, true)], $channel),
            ...($opposite === null ? [] : [
                self::turned('speed-swapped', $channel, [...Before::secured(), new SwapSensors($channel->id)], $channel)->lookingAlsoAt($opposite->id),
                self::turned('speed-over-other-loom', $opposite, [...Before::secured(), ...self::joined($channel, $opposite)], $channel)->lookingAlsoAt($opposite->id),
            ]),
        ];
    }

    /** @return list<CandidateTest> a generator in place of the sensor */
    private static function injected(Channel $channel): array
    {
        $shape = match ($channel->sensor->imitatedBy()) {
            InjectedShape::Sine->value => [InjectedShape::Sine, self::SINE_VOLTS],
            InjectedShape::Current->value => [InjectedShape::Current, self::SQUARE_AMPERES],
            default => null,
        };

        return $shape === null ? [] : [CandidateTest::further(
            'injection', [...Before::sensorUnplugged($channel), new Inject($channel->id, $shape[0], self::HERTZ, $shape[1]), ...Before::keyOn()], [new LiveSpeeds(0.0)], ["$channel->id.speed"],
        )];
    }

    /** @param  list<CarAction>  $before */
    private static function turned(string $id, Channel $read, array $before, Channel $turned): CandidateTest
    {
        return CandidateTest::further($id, [...$before, new TurnWheel($turned->id, self::TURNS_PER_SECOND), ...Before::keyOn()], [new LiveSpeeds(0.0)], ["$read->id.speed"]);
    }

    /** @return list<CarAction> the sensor of one side on the loom of the other */
    private static function joined(Channel $channel, Channel $opposite): array
    {
        $leads = [];
        foreach (array_keys($channel->conductors) as $index) {
            $leads[] = [Pins::ofSensor($channel, $index), Pins::ofLoom($opposite, $index)];
        }

        return [...Before::sensorUnplugged($channel), ...Before::sensorUnplugged($opposite), new ConnectLeads($leads)];
    }
}
