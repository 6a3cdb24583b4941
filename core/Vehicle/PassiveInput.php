<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** The module's input for a passive pair: the first conductor is pulled up, the second down. */
final readonly class PassiveInput implements InputStage
{
    /**
     * @param  float  $biasVolts  the internal rail while the ignition is on
     * @param  float  $railOhmsOff  what the unpowered rail shows towards ground
     * @param  float  $thresholdPeakVolts  the smallest amplitude that is counted
     */
    public function __construct(
        public float $biasVolts,
        public float $railOhmsOn,
        public float $railOhmsOff,
        public float $pullUpOhms,
        public float $pullDownOhms,
        public float $acrossOhms,
        public float $thresholdPeakVolts,
    ) {
    }

    /** Loading the pair with another resistance. */
    public function loading(float $acrossOhms): self
    {
        return new self($this->biasVolts, $this->railOhmsOn, $this->railOhmsOff, $this->pullUpOhms, $this->pullDownOhms, $acrossOhms, $this->thresholdPeakVolts);
    }
}
