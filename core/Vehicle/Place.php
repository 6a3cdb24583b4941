<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** Where a part sits, on the car seen from above. */
final readonly class Place
{
    /**
     * @param  string  $part  "module", "fuses", "battery" or "ground"
     * @param  float  $along  0 at the tail, 1 at the nose
     * @param  float  $across  0 on the left, 1 on the right, as seen sitting in the car facing forward
     */
    public function __construct(public string $part, public float $along, public float $across)
    {
    }
}
