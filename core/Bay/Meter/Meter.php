<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

/** The multimeter on the bench. It picks its range by itself, or is held to one. */
final readonly class Meter
{
    /**
     * @param  float  $hertzFromVolts  the least alternating voltage its counter sees
     * @param  float  $beepsBelowOhms  its continuity buzzer sounds below this
     * @param  float  $shuntOhms  what a current flows through, its fuse and leads included
     * @param  float  $fuseAmperes  more than this blows the fuse of the current input
     * @param  array<string, non-empty-list<MeterRange>>  $ranges  by function, smallest first
     * @param  array<string, float>  $accuracy  by function: the stated limit, relative to the reading
     * @param  bool  $averages  its alternating volts are the rectified mean, scaled so that a pure sine reads right
     */
    public function __construct(
        public float $inputOhms,
        public float $leadOhms,
        public float $noiseDigits,
        public float $hertzFromVolts,
        public float $beepsBelowOhms,
        public float $shuntOhms,
        public float $fuseAmperes,
        private array $ranges,
        private array $accuracy,
        public bool $averages = false,
    ) {
    }

    public function averaging(bool $averages): self
    {
        return new self(
            $this->inputOhms, $this->leadOhms, $this->noiseDigits, $this->hertzFromVolts, $this->beepsBelowOhms, $this->shuntOhms,
            $this->fuseAmperes, $this->ranges, $this->accuracy, $averages,
        );
    }

    /**
     * The ranges it has to choose from, smallest first.
     *
     * @param  ?float  $fullScale  the one it is held to; null for all
     * @return list<MeterRange>
     */
    public function ranges(MeterFunction $function, ?float $fullScale = null): array
    {
        return array_values(array_filter($this->ranges[$function->value], static fn (MeterRange $range): bool => $fullScale === null || $range->fullScale === $fullScale));
    }

    /** One standard deviation of this meter's scale: half the stated limit. */
    public function scaleSpread(MeterFunction $function): float
    {
        return $this->accuracy[$function->value] / 2.0;
    }
}
