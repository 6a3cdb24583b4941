<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/**
 * An active two-wire sensor with current output: a small or a larger current, whichever the tooth in front says.
 *
 * Below its waking voltage it draws next to nothing, then a current that rises evenly to its level, then that level.
 * Fed backwards it conducts through its protection. (The shape is recalled from memory and kept configurable.)
 */
final readonly class CurrentSensor implements Sensor
{
    /**
     * @param  float  $lowAmperes  no tooth in front
     * @param  float  $highAmperes  a tooth in front
     * @param  float  $leakOhms  what an ohmmeter finds the right way round
     * @param  float  $backwardsVolts  from here it conducts backwards, through $backwardsOhms
     * @param  float  $greatestGapMetres  beyond, it does not switch any more
     * @param  ?Pulses  $pulses  it sends a pulse for every tooth instead of the two levels; null where it does not
     */
    public function __construct(
        public float $lowAmperes,
        public float $highAmperes,
        public float $wakesAtVolts,
        public float $fullAtVolts,
        public float $leakOhms,
        public float $backwardsVolts,
        public float $backwardsOhms,
        public float $greatestGapMetres,
        public ?Pulses $pulses = null,
        public Electronics $electronics = Electronics::Sound,
        private bool $foreign = false,
    ) {
    }

    public function technology(): string
    {
        return $this->pulses === null ? 'current' : 'pulse-width';
    }

    public function with(Electronics $electronics): self
    {
        return new self(
            $this->lowAmperes, $this->highAmperes, $this->wakesAtVolts, $this->fullAtVolts, $this->leakOhms,
            $this->backwardsVolts, $this->backwardsOhms, $this->greatestGapMetres, $this->pulses, $electronics, $this->foreign,
        );
    }

    public function scaled(float $electrical, float $magnetic): self
    {
        return new self(
            $this->lowAmperes * $electrical, $this->highAmperes * $electrical, $this->wakesAtVolts, $this->fullAtVolts, $this->leakOhms / $electrical,
            $this->backwardsVolts, $this->backwardsOhms, $this->greatestGapMetres * $magnetic, $this->pulses, $this->electronics, $this->foreign,
        );
    }

    /** A part for another car: it takes this share of the currents the module reckons with. */
    public function ofOtherMake(float $share): self
    {
        return new self(
            $this->lowAmperes * $share, $this->highAmperes * $share, $this->wakesAtVolts, $this->fullAtVolts, $this->leakOhms,
            $this->backwardsVolts, $this->backwardsOhms, $this->greatestGapMetres, $this->pulses, $this->electronics, true,
        );
    }

    public function isForeign(): bool
    {
        return $this->foreign;
    }
}
