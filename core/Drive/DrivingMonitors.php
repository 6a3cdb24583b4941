<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Module\Failure;
use Lernfall\Module\SpeedInput;
use Lernfall\Vehicle\Monitors;

/** What the module's monitors make of a whole drive, worked out stretch by stretch. */
final readonly class DrivingMonitors
{
    public function __construct(private Monitors $monitors, private float $circumferenceMetres)
    {
    }

    /**
     * Whether this failure is found.
     *
     * @param  float  $deviation  how far this module's limits lie off, in standard deviations
     */
    public function finds(Failure $failure, SpeedInput $input, Drive $drive, float $deviation): bool
    {
        $factor = 1.0 + $this->monitors->thresholdSpread * $deviation;

        return match ($failure) {
            Failure::NoSignal => $this->secondsWithoutSignal($input, $drive) > $this->monitors->missingSeconds * $factor,
            Failure::Erratic => $this->turnsWithDropOut($input, $drive) > $this->monitors->patternTurns * $factor,
            Failure::Open, Failure::ShortToGround, Failure::ShortToSupply, Failure::ShortedTogether => false,
        };
    }

    /** Whether the drive was enough to test for this failure at all. */
    public function tests(Failure $failure, Drive $drive): bool
    {
        return match ($failure) {
            Failure::NoSignal => $drive->secondsBetween($this->monitors->missingAboveMetresPerSecond, INF) > $this->monitors->missingSeconds,
            Failure::Erratic => $drive->metresAbove($this->monitors->patternAboveMetresPerSecond) > $this->monitors->patternTurns * $this->circumferenceMetres,
            Failure::Open, Failure::ShortToGround, Failure::ShortToSupply, Failure::ShortedTogether => false,
        };
    }

    private function secondsWithoutSignal(SpeedInput $input, Drive $drive): float
    {
        return $drive->secondsBetween(
            $this->monitors->missingAboveMetresPerSecond,
            $input->leastTurnsPerSecond() * $this->circumferenceMetres,
        );
    }

    private function turnsWithDropOut(SpeedInput $input, Drive $drive): float
    {
        $slowest = max($this->monitors->patternAboveMetresPerSecond, $input->leastTurnsPerSecond() * $this->circumferenceMetres);
        $evenFrom = $input->evenFromTurnsPerSecond() * $this->circumferenceMetres;
        if (! is_finite($slowest) || $evenFrom <= $slowest) {
            return 0.0;
        }
        $even = is_finite($evenFrom) ? $drive->metresAbove($evenFrom) : 0.0;

        return ($drive->metresAbove($slowest) - $even) / $this->circumferenceMetres;
    }
}
