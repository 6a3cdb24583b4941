<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Quantity;

/** A stop: from what speed, on what, and how the foot presses. */
final readonly class StopTask
{
    /**
     * @param  float  $footNewtons  that the foot comes to
     * @param  float  $footNewtonsPerSecond  how fast it does
     * @param  float  $mostSeconds  after that the foot is let go
     */
    public function __construct(
        public float $metresPerSecond,
        public Track $track,
        public float $footNewtons,
        public float $footNewtonsPerSecond = 3500.0,
        public float $mostSeconds = 60.0,
    ) {
        Quantity::positive(['metresPerSecond' => $metresPerSecond, 'footNewtonsPerSecond' => $footNewtonsPerSecond, 'mostSeconds' => $mostSeconds]);
        Quantity::notNegative(['footNewtons' => $footNewtons]);
    }

    public function footAfter(float $seconds): float
    {
        return min($this->footNewtons, $this->footNewtonsPerSecond * $seconds);
    }

    public function text(): string
    {
        return "$this->metresPerSecond {$this->track->text()} $this->footNewtons $this->footNewtonsPerSecond $this->mostSeconds";
    }
}
