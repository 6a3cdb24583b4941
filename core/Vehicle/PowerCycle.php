<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** On, off, on again: how long each may take so that the module understands. */
final readonly class PowerCycle
{
    public function __construct(public float $onSeconds, public float $offSeconds, public float $toleranceSeconds)
    {
    }

    public function isMetBy(float $onSeconds, float $offSeconds): bool
    {
        return abs($onSeconds - $this->onSeconds) <= $this->toleranceSeconds && abs($offSeconds - $this->offSeconds) <= $this->toleranceSeconds;
    }
}
