<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** What makes a fault show that does not always show. */
enum Provocation: string
{
    case SteeringLeft = 'steering-left';
    case SteeringRight = 'steering-right';
    case WiggleCable = 'wiggle-cable';
    case WiggleSensorPlug = 'wiggle-sensor-plug';
    case WiggleLoom = 'wiggle-loom';
    case WiggleModulePlug = 'wiggle-module-plug';
    case Heat = 'heat';
    case Wet = 'wet';
    case Vibration = 'vibration';
    case Bumps = 'bumps';

    /** Whether it is done to one corner; the others reach the whole car. */
    public function isLocal(): bool
    {
        return ! in_array($this, [self::SteeringLeft, self::SteeringRight, self::Vibration], true);
    }
}
