<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Circuit\InputVoltages;
use Lernfall\Vehicle\Monitors;

/** The check of the bias voltages when the ignition is switched on. */
final readonly class KeyOnCheck
{
    public function __construct(private Monitors $monitors)
    {
    }

    /**
     * Whether this failure is seen in these voltages.
     *
     * @param  float  $deviation  how far this module's limits lie off, in standard deviations
     */
    public function sees(Failure $failure, InputVoltages $input, float $deviation): bool
    {
        $factor = 1.0 + $this->monitors->thresholdSpread * $deviation;
        $grounded = $input->meanVolts() < $this->monitors->groundBelowVolts * $factor;

        return match ($failure) {
            Failure::ShortToGround => $grounded,
            Failure::Open => ! $grounded && $input->acrossVolts() > $this->monitors->openAboveVolts * $factor,
            Failure::NoSignal, Failure::Erratic => false,
        };
    }
}
