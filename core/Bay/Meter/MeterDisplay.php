<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Car\Car;
use Lernfall\Circuit\ProbedResistance;

/** What the meter makes of that which is between its leads: its own scale, and the smallest range that takes it. */
final readonly class MeterDisplay
{
    public function __construct(private Meter $meter)
    {
    }

    /**
     * @param  ProbedResistance|float  $found  what the meter sends a current through, or a figure in its unit
     * @return array{float, ?MeterRange} the reading and its range; no range means overload
     */
    public function shows(ProbedResistance|float $found, Measure $measure, Car $car): array
    {
        $scale = 1.0 + $this->meter->scaleSpread($measure->function) * $car->deviations->standard($measure->function->deviation());
        if ($found instanceof ProbedResistance) {
            return $this->ohms($found, $measure, $scale);
        }
        $reading = $scale * $found;

        return [$reading, $this->fitting($measure->function, $measure->fullScale, $reading)];
    }

    public function fitting(MeterFunction $function, ?float $fullScale, float $reading): ?MeterRange
    {
        foreach ($this->meter->ranges($function, $fullScale) as $range) {
            if (abs($reading) <= $range->fullScale) {
                return $range;
            }
        }

        return null;
    }

    /** @return array{float, ?MeterRange} */
    private function ohms(ProbedResistance $resistance, Measure $measure, float $scale): array
    {
        foreach ($this->meter->ranges($measure->function, $measure->fullScale) as $range) {
            $reading = $scale * $resistance->shownAt($range->testAmperes) + $this->meter->leadOhms;
            if (abs($reading) <= $range->fullScale) {
                return [$reading, $range];
            }
        }

        return [0.0, null];
    }
}
