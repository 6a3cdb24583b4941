<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Circuit\InputVoltages;
use Lernfall\Vehicle\CurrentInput;
use Lernfall\Vehicle\InputStage;
use Lernfall\Vehicle\Monitors;
use Lernfall\Vehicle\PassiveInput;
use Lernfall\Vehicle\SwitchInput;

/** The check of a channel's circuit when the ignition is switched on. */
final readonly class KeyOnCheck
{
    /** A conductor this share above the module's own test level is fed from elsewhere. */
    private const ABOVE_ITS_OWN = 0.1;

    public function __construct(private Monitors $monitors)
    {
    }

    /**
     * Whether this failure is seen in what the module measures.
     *
     * @param  float  $deviation  how far this module's limits lie off, in standard deviations
     */
    public function sees(Failure $failure, InputStage $input, InputVoltages $measured, float $deviation): bool
    {
        $factor = 1.0 + $this->monitors->thresholdSpread * $deviation;
        $grounded = $this->isGrounded($input, $measured, $factor);
        $supplied = $this->isSupplied($input, $measured, $factor);

        return match ($failure) {
            Failure::ShortToGround => $grounded,
            Failure::ShortToSupply => $supplied,
            Failure::Open => ! $grounded && ! $supplied && $this->isOpen($input, $measured, $factor),
            Failure::ShortedTogether => ! $grounded && ! $supplied && $this->isShorted($input, $measured, $factor),
            default => false,
        };
    }

    private function isSupplied(InputStage $input, InputVoltages $measured, float $factor): bool
    {
        return match (true) {
            $input instanceof PassiveInput => $measured->meanVolts() > $this->monitors->supplyAboveVolts * $factor,
            $input instanceof CurrentInput => $measured->firstVolts > $input->testVolts * (1.0 + self::ABOVE_ITS_OWN * $factor),
            default => false,
        };
    }

    private function isShorted(InputStage $input, InputVoltages $measured, float $factor): bool
    {
        return $input instanceof PassiveInput && $measured->acrossVolts() < $this->monitors->shortedBelowVolts * $factor;
    }

    private function isGrounded(InputStage $input, InputVoltages $measured, float $factor): bool
    {
        return match (true) {
            $input instanceof PassiveInput => $measured->meanVolts() < $this->monitors->groundBelowVolts * $factor,
            $input instanceof CurrentInput => $measured->firstVolts < $input->leastTestVolts * $factor,
            $input instanceof SwitchInput => $measured->firstVolts < $input->leastSupplyVolts * $factor,
            default => false,
        };
    }

    private function isOpen(InputStage $input, InputVoltages $measured, float $factor): bool
    {
        return match (true) {
            $input instanceof PassiveInput => $measured->acrossVolts() > $this->monitors->openAboveVolts * $factor,
            $input instanceof CurrentInput => $measured->sensed < $input->leastTestAmperes * $factor,
            $input instanceof SwitchInput => $measured->feedAmperes < $input->leastSupplyAmperes * $factor,
            default => false,
        };
    }
}
