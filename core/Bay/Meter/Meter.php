<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;

/** The multimeter on the bench. It picks its range by itself, or is held to one. */
final readonly class Meter implements Equipment
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

    public static function read(Node $workshop): static
    {
        $meter = $workshop->at('meter');
        $ranges = [];
        $accuracy = [];
        foreach (MeterFunction::cases() as $function) {
            $settings = $meter->at($function->value);
            $accuracy[$function->value] = $settings->float('accuracy');
            $list = [];
            foreach ($settings->entries('ranges') as $range) {
                $list[] = new MeterRange($range->float(0), $range->float(1), $range->has(2) ? $range->float(2) : 0.0);
            }
            $ranges[$function->value] = $list === [] ? throw $settings->at('ranges')->wrong('at least one range') : $list;
        }

        return new self(
            $meter->float('inputOhms'), $meter->float('leadOhms'), $meter->float('noiseDigits'), $meter->float('hertzFromVolts'), $meter->float('beepsBelowOhms'),
            $meter->float('shuntOhms'), $meter->float('fuseAmperes'), $ranges, $accuracy,
        );
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
