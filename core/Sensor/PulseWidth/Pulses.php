<?php

declare(strict_types=1);

namespace Lernfall\Sensor\PulseWidth;

use Lernfall\Quantity;

/** What a pulse-width sensor says in the length of its pulses: direction, how much air gap it has left, that nothing turns. */
final readonly class Pulses
{
    /**
     * @param  float  $weakSeconds  instead of the others where the gap is near the greatest it can bridge
     * @param  float  $weakFromShare  of that greatest gap
     * @param  float  $standstillSeconds  length of the sign of life it sends while nothing turns
     * @param  float  $standstillEverySeconds  how often it sends it
     */
    public function __construct(
        public float $forwardSeconds,
        public float $backwardSeconds,
        public float $weakSeconds,
        public float $weakFromShare,
        public float $standstillSeconds,
        public float $standstillEverySeconds,
    ) {
        Quantity::positive(['forwardSeconds' => $this->forwardSeconds, 'backwardSeconds' => $this->backwardSeconds, 'weakSeconds' => $this->weakSeconds, 'standstillSeconds' => $this->standstillSeconds, 'standstillEverySeconds' => $this->standstillEverySeconds]);
        Quantity::within('weakFromShare', $this->weakFromShare, 0.0, 1.0);
    }

    /** @param  float  $gapShare  the gap against the greatest it can bridge */
    public function seconds(bool $backward, float $gapShare): float
    {
        return match (true) {
            $gapShare >= $this->weakFromShare => $this->weakSeconds,
            $backward => $this->backwardSeconds,
            default => $this->forwardSeconds,
        };
    }
}
