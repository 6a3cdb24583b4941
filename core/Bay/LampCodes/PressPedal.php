<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Contract\CarAction;

/** Presses the brake pedal some times. */
final readonly class PressPedal implements CarAction
{
    /** @param  float  $seconds  in which all presses come */
    public function __construct(public int $times, public float $seconds)
    {
    }

    public function name(): string
    {
        return 'press-pedal';
    }

    public function rate(): string
    {
        return 'press-pedal';
    }

    public function question(): string
    {
        return 'press-pedal';
    }
}
