<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Module\Failure;
use Lernfall\Module\SpeedInput;
use Lernfall\Vehicle\Monitors;

/**
 * What the module's monitors make of a whole drive, worked out stretch by stretch. In a hard stop they leave it alone how quickly a wheel slows down: sound ones that are about to lock go beyond any limit for
 * rolling ones.
 */
final readonly class DrivingMonitors
{
    public function __construct(private Monitors $monitors, private float $circumferenceMetres)
    {
    }

    /** Whether this failure is found; the deviation of this module's limits is in standard deviations. */
    public function finds(Failure $failure, SpeedInput $input, Drive $drive, float $deviation): bool
    {
        return $this->found($failure, $input, $drive, $deviation) !== null;
    }

    /**
     * When this failure is found; null where it is not.
     *
     * @param  float  $deviation  how far this module's limits lie off, in standard deviations
     */
    public function found(Failure $failure, SpeedInput $input, Drive $drive, float $deviation): ?Moment
    {
        $factor = $this->factor($deviation);

        return match ($failure) {
            Failure::NoSignal => $drive->afterSecondsBetween($this->monitors->missing->missingAboveMetresPerSecond, $this->countedFrom($input), $this->monitors->missing->missingSeconds * $factor),
            Failure::Erratic => $input->isDisturbed() ? $this->dropOut($input, $drive, $factor) : null,
            Failure::Pattern => $input->isDisturbed() ? null : $this->dropOut($input, $drive, $factor) ?? $this->swinging($input, $drive, $factor),
            Failure::Weak => $this->late($input, $drive, $factor),
            default => null,
        };
    }

    /**
     * When a wheel's steady difference from the others is noticed; null where it is not.
     *
     * @param  float  $ratio  its speed against theirs
     */
    public function strays(float $ratio, Drive $drive, float $deviation): ?Moment
    {
        $factor = $this->factor($deviation);

        return abs($ratio - 1.0) > $this->monitors->deviation->deviationShare * $factor
            ? $drive->afterSecondsBetween($this->monitors->deviation->deviationAboveMetresPerSecond, INF, $this->monitors->deviation->deviationSeconds, Ground::Straight)
            : null;
    }

    /** Whether the drive was enough to test for this failure at all. */
    public function tests(Failure $failure, Drive $drive): bool
    {
        return match ($failure) {
            Failure::NoSignal => $drive->secondsBetween($this->monitors->missing->missingAboveMetresPerSecond, INF) > $this->monitors->missing->missingSeconds,
            Failure::Erratic, Failure::Pattern => $drive->metresAbove($this->monitors->pattern->patternAboveMetresPerSecond) > $this->monitors->pattern->patternTurns * $this->circumferenceMetres,
            Failure::Weak => $drive->greatestSpeed() > $this->monitors->missing->weakAboveMetresPerSecond,
            Failure::Deviation => $drive->secondsBetween($this->monitors->deviation->deviationAboveMetresPerSecond, INF, Ground::Straight) > $this->monitors->deviation->deviationSeconds,
            default => false,
        };
    }

    private function factor(float $deviation): float
    {
        return 1.0 + $this->monitors->thresholdSpread * $deviation;
    }

    /** The speed from which the wheel is counted, in metres a second. */
    private function countedFrom(SpeedInput $input): float
    {
        return $input->leastTurnsPerSecond() * $this->circumferenceMetres;
    }

    /**
     * The speed from which a gap between teeth looks like a slowing that no wheel can do, in metres a second.
     *
     * Over one pitch p the module reckons v, over the gap of k pitches v/k, and takes it for one pitch of road:
     * a = (v² − (v/k)²) / 2p, school physics. A signal that is gone for good, k without end, would stop within one pitch.
     */
    public function implausibleFrom(float $gapPitches, float $pitchMetres): float
    {
        return $gapPitches > 1.0
            ? sqrt(2.0 * $pitchMetres * $this->monitors->missing->impossibleMetresPerSecondSquared / (1.0 - 1.0 / $gapPitches ** 2))
            : INF;
    }

    /** The road that passes from one tooth to the next, in metres. */
    public function pitchMetres(SpeedInput $input): float
    {
        return $input->turnsPerTooth() * $this->circumferenceMetres;
    }

    private function dropOut(SpeedInput $input, Drive $drive, float $factor): ?Moment
    {
        $slowest = max($this->monitors->pattern->patternAboveMetresPerSecond, $this->countedFrom($input));
        if (is_finite($slowest) && ! $input->isDisturbed()) {
            $slowest = max($slowest, $this->implausibleFrom($input->widestGapPitches($slowest / $this->circumferenceMetres), $this->pitchMetres($input)));
        }

        return is_finite($slowest)
            ? $drive->afterMetresBetween($slowest, $input->evenFromTurnsPerSecond() * $this->circumferenceMetres, $this->monitors->pattern->patternTurns * $this->circumferenceMetres * $factor)
            : null;
    }

    /** Its amplitude swings with every turn. */
    private function swinging(SpeedInput $input, Drive $drive, float $factor): ?Moment
    {
        $slowest = max($this->monitors->pattern->patternAboveMetresPerSecond, $this->countedFrom($input));

        return is_finite($slowest) && $input->evenness() < $this->monitors->pattern->leastEvenness * $factor
            ? $drive->afterMetresBetween($slowest, INF, $this->monitors->pattern->patternTurns * $this->circumferenceMetres * $factor)
            : null;
    }

    /** A signal that comes too late is weak; one that does not come at all is missing. */
    private function late(SpeedInput $input, Drive $drive, float $factor): ?Moment
    {
        $from = $this->countedFrom($input);

        return is_finite($from) && $from > $this->monitors->missing->weakAboveMetresPerSecond * $factor ? $drive->afterSecondsBetween($from, INF, 0.0) : null;
    }
}
