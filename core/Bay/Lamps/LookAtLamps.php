<?php

declare(strict_types=1);

namespace Lernfall\Bay\Lamps;

use Lernfall\Bay\Contract\Observing;

/** Looks at the lamps as the driver sees them, after the bulb check. */
final readonly class LookAtLamps implements Observing
{
    public function name(): string
    {
        return 'look-at-lamps';
    }

    public function rate(): string
    {
        return 'look-at-lamps';
    }

    public function question(): string
    {
        return 'look-at-lamps';
    }
}
