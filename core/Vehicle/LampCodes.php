<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** How a module that no scan tool can read blinks its codes on the ABS lamp, and how the pedal speaks to it. */
final readonly class LampCodes
{
    /**
     * @param  int  $digits  1 or 2
     * @param  float  $blinkSeconds  from one blink to the next within a digit; half of it lit
     * @param  float  $digitPauseSeconds  dark between the digits of a code
     * @param  float  $codePauseSeconds  dark between codes
     * @param  float  $listPauseSeconds  dark until the list begins again
     * @param  float  $evenSeconds  from one blink to the next where there is no code
     * @param  int  $clearPresses  of the pedal, at least, with the check connector open and the car at rest; 0 where the pedal clears nothing
     * @param  float  $clearWithinSeconds  in which they have to come
     * @param  ?CheckMode  $check  its speed-sensor check mode; null where it has none
     * @param  ?PowerCycle  $cycle  the power cycle that makes it blink; null where a check connector does
     */
    public function __construct(
        public int $digits,
        public float $blinkSeconds,
        public float $digitPauseSeconds,
        public float $codePauseSeconds,
        public float $listPauseSeconds,
        public float $evenSeconds,
        public int $clearPresses,
        public float $clearWithinSeconds,
        public ?CheckMode $check,
        public ?PowerCycle $cycle,
    ) {
        Quantity::within('digits', $this->digits, 1, 2);
        Quantity::positive(['blinkSeconds' => $this->blinkSeconds, 'digitPauseSeconds' => $this->digitPauseSeconds, 'codePauseSeconds' => $this->codePauseSeconds, 'listPauseSeconds' => $this->listPauseSeconds, 'evenSeconds' => $this->evenSeconds]);
        Quantity::notNegative(['clearPresses' => $this->clearPresses, 'clearWithinSeconds' => $this->clearWithinSeconds]);
    }
}
