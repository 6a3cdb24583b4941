<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

use Lernfall\Bay\Contract\CarAction;

/** Takes the scan tool off the module. */
final readonly class EndSession implements CarAction
{
    public function name(): string
    {
        return 'end-session';
    }

    public function rate(): string
    {
        return 'end-session';
    }

    public function question(): string
    {
        return 'end-session';
    }
}
