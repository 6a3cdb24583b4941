<?php

declare(strict_types=1);

namespace Lernfall\Calibration;

/** What was claimed of one car at one moment, and whether it was so. */
final readonly class Claim
{
    /**
     * @param  string  $car  readings of one car hang together
     * @param  float  $given  the chance given to the likeliest remedy
     * @param  bool  $isRight  it is the right one
     * @param  float  $ofTruth  the chance given to the right one
     */
    public function __construct(public string $car, public float $given, public bool $isRight, public float $ofTruth)
    {
    }
}
