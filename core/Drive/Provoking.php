<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Provocation;

/** Which ground provokes what. */
final readonly class Provoking
{
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
}
