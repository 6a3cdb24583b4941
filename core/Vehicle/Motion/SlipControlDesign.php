<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Motion;

use Lernfall\Quantity;

/**
 * By what a module controls the slip of braked wheels. The figures are an invented usual module's, for vehicle files that do not say; how they work together is
 * common practice, no source.
 */
final readonly class SlipControlDesign
{
    /**
     * @param  float  $entersAboveMetresPerSecond  of the car, from which control begins
     * @param  float  $leavesBelowMetresPerSecond  and at which it ends
     * @param  float  $rearSlipShare  by which rear wheels may be slower than the car before they are held: brake-force distribution
     * @param  bool  $rearTogether  both rear wheels follow the one that slips more
     */
    public function __construct(
        public float $entersAboveMetresPerSecond = 2.0,
        public float $leavesBelowMetresPerSecond = 1.1,
        public SlipTriggers $triggers = new SlipTriggers,
        public RecoveryLimits $recovery = new RecoveryLimits,
        public Rebuilding $rebuilding = new Rebuilding,
        public ReferenceLimits $reference = new ReferenceLimits,
        public float $rearSlipShare = 0.015,
        public bool $rearTogether = true,
    ) {
        Quantity::above('entersAboveMetresPerSecond', $entersAboveMetresPerSecond, $leavesBelowMetresPerSecond);
        Quantity::positive(['leavesBelowMetresPerSecond' => $leavesBelowMetresPerSecond]);
        Quantity::within('rearSlipShare', $rearSlipShare, 0.0, 1.0);
    }

    /** With both rear wheels together, or each by itself. */
    public function rearwards(bool $together): self
    {
        return new self($this->entersAboveMetresPerSecond, $this->leavesBelowMetresPerSecond, $this->triggers, $this->recovery, $this->rebuilding, $this->reference, $this->rearSlipShare, $together);
    }
}
