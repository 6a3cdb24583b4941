<?php

declare(strict_types=1);

namespace Lernfall\Module;

/** What the module noted when a test failed. */
final readonly class FreezeFrame
{
    /**
     * @param  string  $steering  "straight", "left" or "right"
     * @param  float  $volts  of the car's supply
     */
    public function __construct(public float $metresPerSecond, public string $steering, public float $volts)
    {
    }

    public static function atRest(float $volts): self
    {
        return new self(0.0, 'straight', $volts);
    }
}
