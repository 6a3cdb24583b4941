<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Passive;

use Lernfall\Module\SpeedSignal;

/** A passive sensor's signal: its amplitude rises with the rotation, so it is lost at low speed. */
final readonly class RisingSignal implements SpeedSignal
{
    /** @param  float  $peakVoltSeconds  peak voltage at the pins per turn a second */
    public function __construct(private float $peakVoltSeconds, private float $thresholdPeakVolts)
    {
    }

    public function leastTurnsPerSecond(float $thresholdFactor): float
    {
        return $this->peakVoltSeconds > 0.0 ? $this->thresholdPeakVolts * $thresholdFactor / $this->peakVoltSeconds : INF;
    }

    public function tellsStrength(): bool
    {
        return true;
    }
}
