<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Provocation;

/** What a drive provokes, and when it shows. */
final readonly class Provoking
{
    /** Seconds from the beginning of a bend or a rough piece. */
    private const UNTIL_IT_SHOWS = 2.0;

    /** Null for what no ground does. */
    public static function ground(Provocation $provocation): ?Ground
    {
        return match ($provocation) {
            Provocation::SteeringLeft => Ground::LeftBend,
            Provocation::SteeringRight => Ground::RightBend,
            Provocation::Bumps, Provocation::WiggleCable, Provocation::WiggleSensorPlug, Provocation::WiggleLoom, Provocation::WiggleModulePlug => Ground::Bumps,
            default => null,
        };
    }

    /** Whether it stays as long as what provokes it lasts, instead of coming and going in an instant. */
    public static function lasts(Provocation $provocation): bool
    {
        return in_array($provocation, [Provocation::SteeringLeft, Provocation::SteeringRight, Provocation::Heat, Provocation::Wet], true);
    }

    /** Whether what is provoked in this way can show on the drive at all. */
    public static function on(Drive $drive, Provocation $provocation, HubWarming $hubs): bool
    {
        $needed = self::ground($provocation);

        return match (true) {
            $provocation === Provocation::Heat => $hubs->getsHot($drive) !== null,
            $needed === null => true,
            default => $drive->secondsOn($needed) > 0.0,
        };
    }

    /** When it shows first; what neither ground nor heat provokes shows late, when the car has been shaken. */
    public static function shows(Drive $drive, Provocation $provocation, HubWarming $hubs): ?Moment
    {
        $ground = self::ground($provocation);

        return match (true) {
            $provocation === Provocation::Heat => $hubs->getsHot($drive) ?? $drive->late(),
            $ground !== null => $drive->into($ground, self::UNTIL_IT_SHOWS),
            default => $drive->late(),
        };
    }
}
