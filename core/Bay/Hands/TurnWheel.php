<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Contract\CarAction;

/** A helper turns a wheel by hand, evenly, until told to stop; 0 stops it. */
final readonly class TurnWheel implements CarAction
{
    public function __construct(public string $channel, public float $turnsPerSecond)
    {
    }

    public function name(): string
    {
        return 'turn-wheel';
    }

    public function rate(): string
    {
        return 'turn-wheel';
    }

    public function question(): string
    {
        return "turn-wheel $this->channel $this->turnsPerSecond";
    }
}
