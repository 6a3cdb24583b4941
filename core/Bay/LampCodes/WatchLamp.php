<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Contract\Observing;

/** Watches the ABS lamp long enough to count. */
final readonly class WatchLamp implements Observing
{
    public function name(): string
    {
        return 'watch-lamp';
    }

    public function rate(): string
    {
        return 'watch-lamp';
    }

    public function question(): string
    {
        return 'watch-lamp';
    }
}
