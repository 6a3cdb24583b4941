<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Circuit\InputVoltages;
use Lernfall\Vehicle\Monitors;

/** The check of a channel's circuit when the ignition is switched on. */
final readonly class KeyOnCheck
{
    public function __construct(private Monitors $monitors)
    {
    }

    /**
     * Whether this failure is seen in what the module measures.
     *
     * @param  float  $deviation  how far this module's limits lie off, in standard deviations
     */
    public function sees(Failure $failure, SpeedListening $input, InputVoltages $measured, float $deviation): bool
    {
        $factor = 1.0 + $this->monitors->thresholdSpread * $deviation;
        $grounded = $input->isGrounded($measured, $this->monitors, $factor);
        $supplied = $input->isSupplied($measured, $this->monitors, $factor);

        return match ($failure) {
            Failure::ShortToGround => $grounded,
            Failure::ShortToSupply => $supplied,
            Failure::Open => ! $grounded && ! $supplied && $input->isOpen($measured, $this->monitors, $factor),
            Failure::ShortedTogether => ! $grounded && ! $supplied && $input->isShorted($measured, $this->monitors, $factor),
            default => false,
        };
    }
}
