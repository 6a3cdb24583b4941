<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Provocation;

/** The drives to choose from. */
enum Route: string implements Journey
{
    /** In town and out of it, with bends both ways and a rough piece. */
    case Usual = 'usual';
    case Straight = 'straight';
    case LeftBends = 'left-bends';
    case RightBends = 'right-bends';
    case Bumps = 'bumps';
    /** Long enough for hubs and sensors to get as warm as they do. */
    case WarmUp = 'warm-up';
    /** At a crawl, then steadily and straight at half a hundred: the two speeds of a speed-sensor check. */
    case CheckRun = 'check-run';
    /** Long, straight and steady: what tyres differ by shows in the speeds. */
    case TyreComparison = 'tyre-comparison';

    private const CRAWL = 5.0 / 3.6;

    private const STEADY = 50.0 / 3.6;

    private const TOWN = 8.5;

    private const OPEN_ROAD = 16.5;

    public function key(): string
    {
        return $this->value;
    }

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
            self::CheckRun => Drive::over([self::CRAWL, [[Ground::Straight, 6.0]]], [self::STEADY, [[Ground::Straight, 12.0]]]),
            self::TyreComparison => Drive::over([self::STEADY, [[Ground::Straight, 90.0]]]),
            self::WarmUp => Drive::over([self::OPEN_ROAD, [[Ground::Straight, 900.0]]]),
        };
    }

    public function provokes(Provocation $provocation, HubWarming $hubs): bool
    {
        return Provoking::on($this->drive(), $provocation, $hubs);
    }

    public function shows(Provocation $provocation, HubWarming $hubs): ?Moment
    {
        return Provoking::shows($this->drive(), $provocation, $hubs);
    }
}
