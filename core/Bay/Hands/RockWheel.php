<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Contract\CarAction;

/** Rocks a raised wheel at top and bottom, and tries the ring by hand. */
final readonly class RockWheel implements CarAction
{
    public function __construct(public string $channel)
    {
    }

    public function name(): string
    {
        return 'rock-wheel';
    }

    public function rate(): string
    {
        return 'rock-wheel';
    }

    public function question(): string
    {
        return "rock-wheel $this->channel";
    }
}
