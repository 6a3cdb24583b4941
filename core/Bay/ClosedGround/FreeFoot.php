<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

/** What a foot does in a part of a free drive. */
enum FreeFoot: string
{
    case Throttle = 'throttle';
    case Off = 'off';
    case Gentle = 'brake-gently';
    case Hard = 'brake-hard';

    public function isBraking(): bool
    {
        return $this === self::Gentle || $this === self::Hard;
    }
}
