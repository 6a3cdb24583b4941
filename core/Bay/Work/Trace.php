<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Signal\Shape;

/** A voltage over time: what stands, and how far the sensor's shape swings it. */
final readonly class Trace
{
    /** @param  float  $swingVolts  for a shape of one; its sign follows the leads */
    public function __construct(private float $restVolts, private float $swingVolts, private ?Shape $shape)
    {
    }

    public static function standing(float $volts): self
    {
        return new self($volts, 0.0, null);
    }

    public function at(float $seconds): float
    {
        return $this->shape === null ? $this->restVolts : $this->restVolts + $this->swingVolts * $this->shape->at($seconds);
    }

    public function meanVolts(): float
    {
        return $this->shape === null ? $this->restVolts : $this->restVolts + $this->swingVolts * $this->shape->mean();
    }

    public function alternatingRmsVolts(): float
    {
        return $this->shape === null ? 0.0 : abs($this->swingVolts) * $this->shape->alternatingRms();
    }

    /** How long it takes until everything repeats; infinite where nothing moves. */
    public function periodSeconds(): float
    {
        return $this->shape?->secondsPerTurn() ?? INF;
    }

    public function toothHertz(): float
    {
        return $this->swingVolts === 0.0 ? 0.0 : $this->shape?->toothHertz() ?? 0.0;
    }

    /** Rises a second, on the mean of whole turns: a missing tooth is not counted. */
    public function countedHertz(): float
    {
        return $this->swingVolts === 0.0 ? 0.0 : $this->shape?->risesPerSecond() ?? 0.0;
    }
}
