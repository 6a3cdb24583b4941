<?php

declare(strict_types=1);

namespace Lernfall\Lab;

/** How the one sensor in the lab is set up. */
final readonly class LabSetting
{
    /**
     * @param  string  $technology  as the data sheet names it: "passive", "current", "pulse-width", "sinking" or "sourcing"
     * @param  float  $turnsPerSecond  below zero backwards
     * @param  float  $inputOhms  what the module's input loads a passive pair with; of no use to the others
     * @param  string  $defect  a kind of the fault catalogue, or ""
     * @param  ?float  $strength  of it, in its unit; null for the middle one of the catalogue
     * @param  bool  $wholeTurn  the trace shows a whole turn of the wheel, not a few teeth
     */
    public function __construct(
        public string $technology,
        public int $teeth,
        public float $turnsPerSecond,
        public float $gapMetres,
        public float $celsius,
        public float $inputOhms,
        public string $defect = '',
        public ?float $strength = null,
        public bool $wholeTurn = false,
    ) {
    }
}
