<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A variable-reluctance sensor: a coil on a magnet. */
final readonly class PassiveSensor implements Sensor
{
    /**
     * @param  float  $coilOhmsAt20Celsius  resistance of the copper coil at 20 °C
     * @param  float  $signalVoltSeconds  peak voltage per tooth frequency (V per tooth a second) with no gap at all
     * @param  float  $gapDecayMetres  the gap over which the signal falls to 1/e
     * @param  bool  $coilBroken  the coil is interrupted
     * @param  ?float  $housingLeakOhms  from the middle of the coil to the grounded housing; null where there is none
     */
    public function __construct(
        public float $coilOhmsAt20Celsius,
        public float $signalVoltSeconds,
        public float $gapDecayMetres,
        public bool $coilBroken = false,
        public ?float $housingLeakOhms = null,
        private bool $foreign = false,
    ) {
    }

    public function technology(): string
    {
        return 'passive';
    }

    public function broken(): self
    {
        return new self($this->coilOhmsAt20Celsius, $this->signalVoltSeconds, $this->gapDecayMetres, true, $this->housingLeakOhms, $this->foreign);
    }

    public function leakingToHousing(float $ohms): self
    {
        return new self($this->coilOhmsAt20Celsius, $this->signalVoltSeconds, $this->gapDecayMetres, $this->coilBroken, $ohms, $this->foreign);
    }

    /** Some of the windings are shorted: resistance and signal fall by the same share. */
    public function partlyShorted(float $share): self
    {
        return $this->scaled(1.0 - $share, 1.0 - $share);
    }

    public function scaled(float $electrical, float $magnetic): self
    {
        return new self(
            $this->coilOhmsAt20Celsius * $electrical,
            $this->signalVoltSeconds * $magnetic,
            $this->gapDecayMetres,
            $this->coilBroken,
            $this->housingLeakOhms,
            $this->foreign,
        );
    }

    /** A part for another car: fewer windings on the same body. */
    public function ofOtherMake(float $share): self
    {
        return new self($this->coilOhmsAt20Celsius * $share, $this->signalVoltSeconds * $share, $this->gapDecayMetres, $this->coilBroken, $this->housingLeakOhms, true);
    }

    public function isForeign(): bool
    {
        return $this->foreign;
    }
}
