<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Vehicle\ToothedRing;

/** How the module turns a wheel's signal into a speed. */
final readonly class SpeedInput
{
    /** @param  float  $thresholdFactor  this module's threshold against the nominal one */
    public function __construct(
        private SpeedSignal $signal,
        private ToothedRing $ring,
        private float $thresholdFactor,
    ) {
    }

    public function withThresholdFactor(float $factor): self
    {
        return new self($this->signal, $this->ring, $factor);
    }

    public function counts(float $turnsPerSecond): bool
    {
        return $turnsPerSecond > 0.0 && $turnsPerSecond >= $this->leastTurnsPerSecond();
    }

    /** The slowest rotation whose signal is counted; infinite where there is none at all. */
    public function leastTurnsPerSecond(): float
    {
        return $this->signal->leastTurnsPerSecond($this->thresholdFactor);
    }

    /** Turns a second as the module counts them, on the mean of whole turns. */
    public function countedTurnsPerSecond(float $turnsPerSecond): float
    {
        return $this->counts($turnsPerSecond)
            ? $turnsPerSecond * ($this->ring->teeth - $this->ring->missingTeeth) / $this->ring->teeth
            : 0.0;
    }

    /** Whether the signal drops out at one place of every turn. */
    public function hasGaps(): bool
    {
        return $this->ring->missingTeeth > 0;
    }
}
