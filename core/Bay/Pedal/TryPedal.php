<?php

declare(strict_types=1);

namespace Lernfall\Bay\Pedal;

use Lernfall\Bay\Contract\CarAction;

/** Sits down and presses the brake pedal of the standing car: lightly, firmly, and then holds it. */
final readonly class TryPedal implements CarAction
{
    /** @param  bool  $pumped  it has been pumped some times in quick succession before */
    public function __construct(public bool $pumped = false)
    {
    }

    public function name(): string
    {
        return 'try-pedal';
    }

    public function rate(): string
    {
        return 'try-pedal';
    }

    public function question(): string
    {
        return $this->pumped ? 'try-pedal pumped' : 'try-pedal';
    }
}
