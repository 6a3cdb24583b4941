<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What the module looks for, with its limits. */
final readonly class Monitors
{
    /**
     * @param  float  $thresholdSpread  standard deviation of each limit from module to module, relative
     * @param  int  $drivingConfirmedBy  cycles in which a failure found while driving has to show until its code is kept
     */
    public function __construct(
        public StandstillLimits $standstill,
        public MissingSignalLimits $missing,
        public RingPatternLimits $pattern,
        public float $thresholdSpread,
        public DeviationLimits $deviation = new DeviationLimits,
        public int $drivingConfirmedBy = 1,
    ) {
        Quantity::positive(['drivingConfirmedBy' => $this->drivingConfirmedBy]);
        Quantity::notNegative(['thresholdSpread' => $this->thresholdSpread]);
    }
}
