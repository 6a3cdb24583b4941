<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** How fast a lamp blinks its codes. */
final readonly class BlinkTiming
{
    /**
     * @param  float  $blinkSeconds  from one blink to the next within a digit; half of it lit
     * @param  float  $digitPauseSeconds  dark between the digits of a code
     * @param  float  $codePauseSeconds  dark between codes
     * @param  float  $listPauseSeconds  dark until the list begins again
     * @param  float  $evenSeconds  from one blink to the next where there is no code
     */
    public function __construct(
        public float $blinkSeconds,
        public float $digitPauseSeconds,
        public float $codePauseSeconds,
        public float $listPauseSeconds,
        public float $evenSeconds,
    ) {
        Quantity::positive(['blinkSeconds' => $this->blinkSeconds, 'digitPauseSeconds' => $this->digitPauseSeconds, 'codePauseSeconds' => $this->codePauseSeconds, 'listPauseSeconds' => $this->listPauseSeconds, 'evenSeconds' => $this->evenSeconds]);
    }
}
