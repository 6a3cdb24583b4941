<?php

declare(strict_types=1);

namespace Lernfall\Module;

/** What the module can tell about a channel. */
enum Failure: string
{
    case Open = 'open';
    case ShortToGround = 'short-to-ground';
    case ShortToSupply = 'short-to-supply';
    case ShortedTogether = 'shorted-together';
    case NoSignal = 'no-signal';
    case Erratic = 'erratic';

    /** Electrical failures are found at standstill, the others only while driving. */
    public function isElectrical(): bool
    {
        return ! in_array($this, [self::NoSignal, self::Erratic], true);
    }
}
