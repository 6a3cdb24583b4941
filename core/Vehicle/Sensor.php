<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A wheel speed sensor of some technology. */
interface Sensor
{
    /** Permanent name of the technology: "passive", "current", "pulse-width", "sinking" or "sourcing". */
    public function technology(): string;

    /** Whether it is a part for another car. */
    public function isForeign(): bool;

    /**
     * The same sensor off its nominal values, as parts differ.
     *
     * @param  float  $electrical  factor on resistance or current
     * @param  float  $magnetic  factor on the strength with which it feels the ring
     */
    public function scaled(float $electrical, float $magnetic): self;
}
