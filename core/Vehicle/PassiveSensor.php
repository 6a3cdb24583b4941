<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A variable-reluctance sensor: a coil on a magnet. */
final readonly class PassiveSensor
{
    /**
     * @param  float  $coilOhmsAt20Celsius  resistance of the copper coil at 20 °C
     * @param  float  $signalVoltSeconds  peak voltage per tooth frequency (V per tooth a second) with no gap at all
     * @param  float  $gapDecayMetres  the gap over which the signal falls to 1/e
     * @param  bool  $coilBroken  the coil is interrupted
     */
    public function __construct(
        public float $coilOhmsAt20Celsius,
        public float $signalVoltSeconds,
        public float $gapDecayMetres,
        public bool $coilBroken = false,
    ) {
    }

    public function broken(): self
    {
        return new self($this->coilOhmsAt20Celsius, $this->signalVoltSeconds, $this->gapDecayMetres, true);
    }

    public function scaled(float $coilFactor, float $signalFactor): self
    {
        return new self(
            $this->coilOhmsAt20Celsius * $coilFactor,
            $this->signalVoltSeconds * $signalFactor,
            $this->gapDecayMetres,
            $this->coilBroken,
        );
    }
}
