<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** A tyre by its marked size, for example 195/55 R15. */
final readonly class Tyre
{
    private const INCH_METRES = 0.0254;

    private function __construct(
        public string $size,
        public float $outerDiameterMetres,
        private float $rollingFactor,
    ) {
        Quantity::positive(['rollingFactor' => $this->rollingFactor, 'outerDiameterMetres' => $this->outerDiameterMetres]);
    }

    /**
     * The outer diameter follows from the marking: rim diameter in inches plus twice the section height, which is
     * the section width in millimetres times the aspect ratio in percent (size designation of
     * ISO 4000-1; of ISO 4209-1 for lorries and trailers, whose rims come in half inches).
     *
     * @param  float  $rollingFactor  rolling circumference over π times outer diameter; below 1, the tyre is pressed flat
     *
     * @throws InvalidTyreSize
     */
    public static function fromSize(string $size, float $rollingFactor): self
    {
        if (preg_match('~^(\d{3})/(\d{2})\s?Z?R\s?(\d{2}(?:\.5)?)$~', $size, $part) !== 1) {
            throw InvalidTyreSize::unreadable($size);
        }
        $sectionHeightMetres = (float) $part[1] / 1000.0 * (float) $part[2] / 100.0;

        return new self($size, (float) $part[3] * self::INCH_METRES + 2.0 * $sectionHeightMetres, $rollingFactor);
    }

    public function rollingCircumferenceMetres(): float
    {
        return M_PI * $this->outerDiameterMetres * $this->rollingFactor;
    }
}
