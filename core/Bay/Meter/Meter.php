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
     * @param  bool  $averages  its alternating volts are the rectified mean, scaled so that a pure sine reads right
     */
    public function __construct(
        public float $inputOhms,
        public float $leadOhms,
        public float $noiseDigits,
        public float $hertzFromVolts,
        public float $beepsBelowOhms,
        public CurrentShunt $shunt,
        private MeterScales $scales,
        public MeterPace $pace,
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
            $ranges[$function->value] = $list === [] ? throw $settings->at('ranges')->wrong('a-range') : $list;
        }

        return new self(
            $meter->float('inputOhms'), $meter->float('leadOhms'), $meter->float('noiseDigits'), $meter->float('hertzFromVolts'), $meter->float('beepsBelowOhms'),
            new CurrentShunt($meter->float('shuntOhms'), $meter->float('fuseAmperes')), new MeterScales($ranges, $accuracy), MeterPace::read($meter),
        );
    }

    public function averaging(bool $averages): self
    {
        return new self(
            $this->inputOhms, $this->leadOhms, $this->noiseDigits, $this->hertzFromVolts, $this->beepsBelowOhms, $this->shunt, $this->scales, $this->pace, $averages,
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
        return array_values(array_filter($this->scales->ranges[$function->value], static fn (MeterRange $range): bool => $fullScale === null || $range->fullScale === $fullScale));
    }

    /** One standard deviation of this meter's scale: half the stated limit. */
    public function scaleSpread(MeterFunction $function): float
    {
        return $this->scales->accuracy[$function->value] / 2.0;
    }
}
