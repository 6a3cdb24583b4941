<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Contract\CarAction;

/** Proves the meter before it is believed: leads in the right sockets, shorted on ohms, then on the battery; a blown fuse is renewed. */
final readonly class ProveMeter implements CarAction
{
    public function name(): string
    {
        return 'prove-meter';
    }

    public function rate(): string
    {
        return 'prove-meter';
    }

    public function question(): string
    {
        return 'prove-meter';
    }
}
