<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What the module looks for, with its limits. */
final readonly class Monitors
{
    /**
     * @param  float  $openAboveVolts  key-on: more than this between the two conductors means an open circuit
     * @param  float  $groundBelowVolts  key-on: their mean below this means a short to ground
     * @param  float  $supplyAboveVolts  key-on: their mean above this means a short to supply
     * @param  float  $shortedBelowVolts  key-on: less than this between them means they touch
     * @param  float  $missingAboveMetresPerSecond  driving: a channel without signal is noticed above this speed
     * @param  float  $missingSeconds  and when that lasts this long
     * @param  float  $patternAboveMetresPerSecond  driving: once-per-turn gaps are noticed above this speed
     * @param  float  $patternTurns  and when they come back in this many turns
     * @param  float  $deviationShare  driving: a wheel this much faster or slower than the others is noticed
     * @param  float  $deviationAboveMetresPerSecond  straight on and above this speed
     * @param  float  $deviationSeconds  and when that lasts this long
     * @param  float  $weakAboveMetresPerSecond  pulling away: a signal that is first counted above this speed is too weak
     * @param  float  $lowVolts  key-on: less than this at the module's own pins is noted; 0 where it never is
     * @param  int  $drivingConfirmedBy  cycles in which a failure found while driving has to show until its code is kept
     * @param  float  $impossibleMetresPerSecondSquared  a wheel that seems to slow harder than this has not: its signal dropped out
     * @param  float  $leastEvenness  driving: the weakest tooth of a turn against the strongest; less is taken for a ring that swings. 0 where amplitudes are not watched
     * @param  float  $thresholdSpread  standard deviation of each limit from module to module, relative
     */
    public function __construct(
        public float $openAboveVolts,
        public float $groundBelowVolts,
        public float $supplyAboveVolts,
        public float $shortedBelowVolts,
        public float $missingAboveMetresPerSecond,
        public float $missingSeconds,
        public float $patternAboveMetresPerSecond,
        public float $patternTurns,
        public float $thresholdSpread,
        public float $deviationShare = INF,
        public float $deviationAboveMetresPerSecond = INF,
        public float $deviationSeconds = INF,
        public float $weakAboveMetresPerSecond = INF,
        public int $drivingConfirmedBy = 1,
        public float $lowVolts = 0.0,
        public float $impossibleMetresPerSecondSquared = 0.0,
        public float $leastEvenness = 0.0,
    ) {
        Quantity::positive(['openAboveVolts' => $this->openAboveVolts, 'groundBelowVolts' => $this->groundBelowVolts, 'supplyAboveVolts' => $this->supplyAboveVolts, 'shortedBelowVolts' => $this->shortedBelowVolts, 'missingAboveMetresPerSecond' => $this->missingAboveMetresPerSecond, 'missingSeconds' => $this->missingSeconds, 'patternAboveMetresPerSecond' => $this->patternAboveMetresPerSecond, 'patternTurns' => $this->patternTurns, 'deviationShare' => $this->deviationShare, 'deviationAboveMetresPerSecond' => $this->deviationAboveMetresPerSecond, 'deviationSeconds' => $this->deviationSeconds, 'weakAboveMetresPerSecond' => $this->weakAboveMetresPerSecond, 'drivingConfirmedBy' => $this->drivingConfirmedBy]);
        Quantity::notNegative(['thresholdSpread' => $this->thresholdSpread, 'lowVolts' => $this->lowVolts, 'impossibleMetresPerSecondSquared' => $this->impossibleMetresPerSecondSquared]);
        Quantity::within('leastEvenness', $this->leastEvenness, 0.0, 1.0);
    }
}
