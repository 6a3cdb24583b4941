<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** How a module that no scan tool can read blinks its codes on the ABS lamp, and how the pedal speaks to it. */
final readonly class LampCodes
{
    /**
     * @param  int  $digits  1 or 2
     * @param  ?CheckMode  $check  its speed-sensor check mode; null where it has none
     * @param  ?PowerCycle  $cycle  the power cycle that makes it blink; null where a check connector does
     */
    public function __construct(
        public int $digits,
        public BlinkTiming $timing,
        public PedalClearing $clearing,
        public ?CheckMode $check,
        public ?PowerCycle $cycle,
    ) {
        Quantity::within('digits', $this->digits, 1, 2);
    }
}
