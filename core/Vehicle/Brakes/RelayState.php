<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

/** Whether a relay follows what it is told. */
enum RelayState: string
{
    case Works = 'works';
    case Dead = 'dead';
    case Welded = 'welded';

    public function isClosed(bool $told): bool
    {
        return match ($this) {
            self::Works => $told,
            self::Dead => false,
            self::Welded => true,
        };
    }
}
