<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Provocation;

/** The drives to choose from. */
enum Route: string
{
    /** In town and out of it, with bends both ways and a rough piece. */
    case Usual = 'usual';
    case Straight = 'straight';
    case LeftBends = 'left-bends';
    case RightBends = 'right-bends';
    case Bumps = 'bumps';
    /** Long enough for hubs and sensors to get as warm as they do. */
    case WarmUp = 'warm-up';

    private const TOWN = 8.5;

    private const OPEN_ROAD = 16.5;

    public function drive(): Drive
    {
        return match ($this) {
            self::Usual => Drive::over(
                [self::TOWN, [[Ground::Straight, 10.0], [Ground::LeftBend, 8.0], [Ground::RightBend, 7.0]]],
                [self::OPEN_ROAD, [[Ground::Straight, 26.0], [Ground::Bumps, 14.0]]],
            ),
            self::Straight => Drive::over([self::OPEN_ROAD, [[Ground::Straight, 45.0]]]),
            self::LeftBends => Drive::over([self::TOWN, [[Ground::LeftBend, 45.0]]]),
            self::RightBends => Drive::over([self::TOWN, [[Ground::RightBend, 45.0]]]),
            self::Bumps => Drive::over([self::TOWN, [[Ground::Bumps, 45.0]]]),
            self::WarmUp => Drive::over([self::OPEN_ROAD, [[Ground::Straight, 900.0]]]),
        };
    }

    /** Whether what is provoked in this way can show on this drive at all. */
    public function provokes(Provocation $provocation): bool
    {
        $needed = match ($provocation) {
            Provocation::SteeringLeft => Ground::LeftBend,
            Provocation::SteeringRight => Ground::RightBend,
            Provocation::Bumps, Provocation::WiggleCable, Provocation::WiggleSensorPlug, Provocation::WiggleLoom, Provocation::WiggleModulePlug => Ground::Bumps,
            default => null,
        };

        return match (true) {
            $provocation === Provocation::Heat => in_array($this, [self::Usual, self::WarmUp], true),
            $needed === null => true,
            default => $this->drive()->secondsOn($needed) > 0.0,
        };
    }
}
