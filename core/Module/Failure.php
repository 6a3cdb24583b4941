<?php

declare(strict_types=1);

namespace Lernfall\Module;

/** What the module can tell about a channel. */
enum Failure: string
{
    case Open = 'open';
    case ShortToGround = 'short-to-ground';
    case NoSignal = 'no-signal';
    case Erratic = 'erratic';

    /** Electrical failures are found at standstill, the others only while driving. */
    public function isElectrical(): bool
    {
        return $this === self::Open || $this === self::ShortToGround;
    }
}
