<?php

declare(strict_types=1);

namespace Lernfall\Bay\Lift;

use Lernfall\Bay\Contract\CarAction;

/** Chocks, lifts, sets on stands, lowers. */
final readonly class Secure implements CarAction
{
    public function __construct(public SecureStep $step)
    {
    }

    public function name(): string
    {
        return 'secure';
    }

    public function rate(): string
    {
        return 'secure.'.$this->step->value;
    }

    public function question(): string
    {
        return 'secure '.$this->step->value;
    }
}
