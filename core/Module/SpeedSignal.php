<?php

declare(strict_types=1);

namespace Lernfall\Module;

/** A wheel's signal at the module's pins, against the threshold it has to cross. */
interface SpeedSignal
{
    /**
     * The slowest rotation whose signal crosses the threshold; infinite where none does.
     *
     * @param  float  $thresholdFactor  this module's threshold against the nominal one
     */
    public function leastTurnsPerSecond(float $thresholdFactor): float;

    /** Whether a weaker tooth gives a weaker signal. */
    public function tellsStrength(): bool;
}
