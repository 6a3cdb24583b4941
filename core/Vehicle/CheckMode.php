<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** The mode in which a module judges its sensors' signals at two speeds. */
final readonly class CheckMode
{
    /**
     * @param  int  $presses  of the pedal, exactly, right after the engine starts
     * @param  float  $withinSeconds  in which they have to come
     * @param  int  $leavesAfterPresses  the stop lamp coming on this often ends the mode
     * @param  CheckSpeed  $level  at which the level of each signal is judged
     * @param  CheckSpeed  $steady  at which its evenness is judged, straight ahead
     * @param  float  $leastEvenness  the weakest tooth against the strongest
     * @param  array<array-key, string>  $levelCodes  by channel
     * @param  array<array-key, string>  $steadyCodes  by channel
     */
    public function __construct(
        public int $presses,
        public float $withinSeconds,
        public int $leavesAfterPresses,
        public CheckSpeed $level,
        public CheckSpeed $steady,
        public float $leastEvenness,
        public array $levelCodes,
        public array $steadyCodes,
    ) {
        Quantity::positive(['presses' => $this->presses, 'withinSeconds' => $this->withinSeconds, 'leavesAfterPresses' => $this->leavesAfterPresses]);
        Quantity::within('leastEvenness', $this->leastEvenness, 0.0, 1.0);
    }
}
