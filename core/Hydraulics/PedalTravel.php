<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

/** How far the pedal goes, in centimetres. */
final readonly class PedalTravel
{
    /**
     * @param  float  $lightCentimetres  under a light foot: what has to close up first
     * @param  float  $firmCentimetres  under a firm one: what gives way beside that
     * @param  float  $heldCentimetres  after that has been held: what leaves it
     * @param  array<string, float>  $accumulated  cubic centimetres in the accumulators by then, by circuit
     */
    public function __construct(public float $lightCentimetres, public float $firmCentimetres, public float $heldCentimetres, public array $accumulated = [])
    {
    }

    /** By how much it gives way between the light and the firm foot. */
    public function givesCentimetres(): float
    {
        return $this->firmCentimetres - $this->lightCentimetres;
    }

    public function sinksCentimetres(): float
    {
        return $this->heldCentimetres - $this->firmCentimetres;
    }
}
