<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** An active three-wire sensor: supply, ground, and an output that a tooth connects to ground (sinking) or supply (sourcing). */
final readonly class SwitchSensor implements Sensor
{
    /**
     * @param  float  $consumptionOhms  between supply and ground
     * @param  float  $onOhms  the output while it conducts
     * @param  float  $leastVolts  below this supply the output stays off
     * @param  float  $greatestGapMetres  beyond, it does not switch any more
     */
    public function __construct(
        public bool $sinks,
        public float $consumptionOhms,
        public float $onOhms,
        public float $leastVolts,
        public float $greatestGapMetres,
        public Electronics $electronics = Electronics::Sound,
        private bool $foreign = false,
    ) {
    }

    public function technology(): string
    {
        return $this->sinks ? 'sinking' : 'sourcing';
    }

    public function with(Electronics $electronics): self
    {
        return new self($this->sinks, $this->consumptionOhms, $this->onOhms, $this->leastVolts, $this->greatestGapMetres, $electronics, $this->foreign);
    }

    /** A part for another car: it connects its output to the other wire. */
    public function ofOtherMake(): self
    {
        return new self(! $this->sinks, $this->consumptionOhms, $this->onOhms, $this->leastVolts, $this->greatestGapMetres, $this->electronics, true);
    }

    public function isForeign(): bool
    {
        return $this->foreign;
    }

    public function scaled(float $electrical, float $magnetic): self
    {
        return new self(
            $this->sinks, $this->consumptionOhms * $electrical, $this->onOhms * $electrical, $this->leastVolts,
            $this->greatestGapMetres * $magnetic, $this->electronics, $this->foreign,
        );
    }
}
