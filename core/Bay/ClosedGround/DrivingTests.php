<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Pedal\TryPedal;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Road\Corners;
use Lernfall\Vehicle\Vehicle;

/**
 * Drives on closed ground that are made as tests, each after the pedal was tried at a standstill, and a hard stop after one from a walking pace. On dry ground a hard stop begins no faster than a car may whose control is off, since
 * that can turn out on the way; with ice under a side such a car is not braked.
 *
 * A gentle stop shows control where none should be, a hard one a wheel that is not let go or not braked, one with ice under a side whether the car is kept straight; common practice, no source.
 */
final readonly class DrivingTests
{
    private const WALKING_KILOMETRES_PER_HOUR = 5;

    private const GENTLE_KILOMETRES_PER_HOUR = 20;

    private const HARD_KILOMETRES_PER_HOUR = 40;

    /** @return list<CandidateTest> */
    public static function stops(Vehicle $vehicle): array
    {
        $corners = Corners::of($vehicle);

        return $corners === null ? [] : [
            self::test($corners, 'stop-gentle', new StopHere(Footing::Dry, self::GENTLE_KILOMETRES_PER_HOUR, false)),
            self::hard($corners, 'stop-hard', new StopHere(Footing::Dry, self::HARD_KILOMETRES_PER_HOUR)),
            self::hard($corners, 'stop-split', new StopHere(Footing::IceLeft, self::HARD_KILOMETRES_PER_HOUR)),
        ];
    }

    /** @return list<CandidateTest> */
    public static function starts(Vehicle $vehicle): array
    {
        $corners = Corners::of($vehicle);

        return $corners !== null && StartWork::isPossible($vehicle) ? [
            self::test($corners, 'pull-away-left', new PullAway(Footing::IceLeft)),
            self::test($corners, 'pull-away-right', new PullAway(Footing::IceRight)),
        ] : [];
    }

    private static function hard(Corners $corners, string $id, StopHere $stop): CandidateTest
    {
        return self::test($corners, $id, new StopHere(Footing::Dry, self::WALKING_KILOMETRES_PER_HOUR, false), $stop);
    }

    private static function test(Corners $corners, string $id, CarAction ...$drives): CandidateTest
    {
        return CandidateTest::further($id, Before::running(), [new TryPedal, ...array_values($drives)], [])->ofTheWholeCarBy(static fn (Car $car): string => self::alike($car, $corners));
    }

    /** What makes a difference to all of them: the hydraulic unit, what is heard of the wheels, and what feeds the module. */
    private static function alike(Car $car, Corners $corners): string
    {
        $vehicle = $car->vehicle;

        return implode(' ', [...array_map(spl_object_id(...), [$vehicle->brakeParts, $vehicle->module, $vehicle->power->feed, $vehicle->power->supply]), (new RollingBody($car, $corners))->text()]);
    }
}
