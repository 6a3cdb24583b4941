<?php

declare(strict_types=1);

namespace Lernfall\Bay;

use Lernfall\Bay\Action\MeterFunction;

/** The multimeter on the bench. It picks its range by itself. */
final readonly class Meter
{
    /**
     * @param  float  $hertzFromVolts  the least alternating voltage its counter sees
     * @param  array<string, non-empty-list<MeterRange>>  $ranges  by function, smallest first
     * @param  array<string, float>  $accuracy  by function: the stated limit, relative to the reading
     */
    public function __construct(
        public float $inputOhms,
        public float $leadOhms,
        public float $noiseDigits,
        public float $hertzFromVolts,
        private array $ranges,
        private array $accuracy,
    ) {
    }

    /** @return non-empty-list<MeterRange> smallest first */
    public function ranges(MeterFunction $function): array
    {
        return $this->ranges[$function->value];
    }

    /** One standard deviation of this meter's scale: half the stated limit. */
    public function scaleSpread(MeterFunction $function): float
    {
        return $this->accuracy[$function->value] / 2.0;
    }
}
