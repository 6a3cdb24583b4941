<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/**
 * How much fluid the brake of one wheel takes up to a pressure: much at first, until pads and seals have closed up, then little and evenly;
 * what air is in it is pressed together beside that, at an even temperature (Boyle).
 *
 *     V(p) = closing · (1 − e^(−p / bend)) + stretch · p + air · p / (p + 1.013)
 *
 * The form of the first two terms is an assumption that fits what is published of brakes; no source.
 */
final readonly class VolumeCurve
{
    private const ATMOSPHERE_BAR = 1.013;

    private const ROUNDS = 60;

    /** Closer than this to the volume asked for is there. */
    private const NEAR_CUBIC_CENTIMETRES = 1e-12;

    public function __construct(
        public float $closingCubicCentimetres,
        public float $bendBar,
        public float $stretchCubicCentimetresPerBar,
        public float $airCubicCentimetres = 0.0,
    ) {
        Quantity::notNegative(['closingCubicCentimetres' => $closingCubicCentimetres, 'airCubicCentimetres' => $airCubicCentimetres]);
        Quantity::positive(['bendBar' => $bendBar, 'stretchCubicCentimetresPerBar' => $stretchCubicCentimetresPerBar]);
    }

    public function withAir(float $cubicCentimetres): self
    {
        return new self($this->closingCubicCentimetres, $this->bendBar, $this->stretchCubicCentimetresPerBar, $cubicCentimetres);
    }

    /** In cubic centimetres, above what it holds without pressure. */
    public function volume(float $bar): float
    {
        return $this->closingCubicCentimetres * (1.0 - exp(-$bar / $this->bendBar))
            + $this->stretchCubicCentimetresPerBar * $bar
            + $this->airCubicCentimetres * $bar / ($bar + self::ATMOSPHERE_BAR);
    }

    /** Cubic centimetres for a bar more, at this pressure. */
    public function capacity(float $bar): float
    {
        return $this->closingCubicCentimetres / $this->bendBar * exp(-$bar / $this->bendBar)
            + $this->stretchCubicCentimetresPerBar
            + $this->airCubicCentimetres * self::ATMOSPHERE_BAR / ($bar + self::ATMOSPHERE_BAR) ** 2;
    }

    /** In bar; the curve bends one way only, so that steps along its tangent from below never overshoot. */
    public function pressure(float $cubicCentimetres): float
    {
        $bar = 0.0;
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $missing = $cubicCentimetres - $this->volume($bar);
            if ($missing <= self::NEAR_CUBIC_CENTIMETRES) {
                break;
            }
            $bar += $missing / $this->capacity($bar);
        }

        return $bar;
    }
}
