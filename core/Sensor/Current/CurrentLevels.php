<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Current;

use Lernfall\Quantity;

/** The two currents of an active two-wire sensor, and the voltages at which it draws them. */
final readonly class CurrentLevels
{
    /**
     * @param  float  $lowAmperes  no tooth in front
     * @param  float  $highAmperes  a tooth in front
     * @param  float  $wakesAtVolts  below, it draws next to nothing
     * @param  float  $fullAtVolts  from here its level
     */
    public function __construct(
        public float $lowAmperes,
        public float $highAmperes,
        public float $wakesAtVolts,
        public float $fullAtVolts,
    ) {
        Quantity::positive(['lowAmperes' => $this->lowAmperes, 'highAmperes' => $this->highAmperes, 'wakesAtVolts' => $this->wakesAtVolts]);
        Quantity::above('highAmperes', $this->highAmperes, $this->lowAmperes);
        Quantity::above('fullAtVolts', $this->fullAtVolts, $this->wakesAtVolts);
    }

    public function times(float $factor): self
    {
        return new self($this->lowAmperes * $factor, $this->highAmperes * $factor, $this->wakesAtVolts, $this->fullAtVolts);
    }
}
