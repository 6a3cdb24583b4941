<?php

declare(strict_types=1);

namespace Lernfall\Bay\Pedal;

use Lernfall\Bay\Contract\CarAction;

/** Sits down and presses the brake pedal of the standing car: lightly, firmly, and then holds it. */
final readonly class TryPedal implements CarAction
{
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
        return 'try-pedal';
    }
}
