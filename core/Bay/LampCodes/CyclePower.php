<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Contract\CarAction;

/** Switches the power on, off and on again, and watches the lamp. */
final readonly class CyclePower implements CarAction
{
    public function __construct(public float $onSeconds, public float $offSeconds)
    {
    }

    public function name(): string
    {
        return 'cycle-power';
    }

    public function rate(): string
    {
        return 'cycle-power';
    }

    public function question(): string
    {
        return 'cycle-power';
    }
}
