<?php

declare(strict_types=1);

namespace Lernfall\Bay\Probing;

use Lernfall\Signal\Shape;

/** A voltage over time: what stands, and what swings on it, each with its own shape. */
final readonly class Trace
{
    /**
     * @param  list<array{float, Shape}>  $swings  volts for a shape of one, their sign following the leads; none of them zero
     * @param  float  $beginsAtSeconds  before, there is nothing
     */
    private function __construct(private float $restVolts, private array $swings, private float $beginsAtSeconds = -INF)
    {
    }

    public static function standing(float $volts): self
    {
        return new self($volts, []);
    }

    public function swinging(float $volts, Shape $shape): self
    {
        return $volts === 0.0 ? $this : new self($this->restVolts, [...$this->swings, [$volts, $shape]], $this->beginsAtSeconds);
    }

    /** A lead touches at this moment, and the trace jumps to what it is from then on. */
    public function beginningAt(float $seconds): self
    {
        return new self($this->restVolts, $this->swings, $seconds);
    }

    public function at(float $seconds): float
    {
        if ($seconds < $this->beginsAtSeconds) {
            return 0.0;
        }
        $volts = $this->restVolts;
        foreach ($this->swings as [$swing, $shape]) {
            $volts += $swing * $shape->at($seconds);
        }

        return $volts;
    }

    /**
     * Between which voltages it lies from one time to another; where several things swing at once, they are taken to meet.
     *
     * @return array{float, float}
     */
    public function extremes(float $from, float $to): array
    {
        if ($to < $this->beginsAtSeconds) {
            return [0.0, 0.0];
        }
        [$least, $greatest] = [$this->restVolts, $this->restVolts];
        foreach ($this->swings as [$swing, $shape]) {
            [$low, $high] = $shape->extremes($from, $to);
            $least += min($swing * $low, $swing * $high);
            $greatest += max($swing * $low, $swing * $high);
        }

        return $from < $this->beginsAtSeconds ? [min(0.0, $least), max(0.0, $greatest)] : [$least, $greatest];
    }

    /** Whether looks this far apart show all there is to it. */
    public function isSeenEvery(float $seconds): bool
    {
        foreach ($this->swings as [, $shape]) {
            if (! $shape->isSeenEvery($seconds)) {
                return false;
            }
        }

        return true;
    }

    /** Whether nothing in it moves. */
    public function stands(): bool
    {
        return $this->swings === [];
    }

    public function meanVolts(): float
    {
        return $this->restVolts + array_sum(array_map(static fn (array $one): float => $one[0] * $one[1]->mean(), $this->swings));
    }

    public function meanVoltsBetween(float $from, float $to): float
    {
        return $this->restVolts + array_sum(array_map(static fn (array $one): float => $one[0] * $one[1]->meanBetween($from, $to), $this->swings));
    }

    /** Root mean square of what alternates; swings of different frequency add up by their squares. */
    public function alternatingRmsVolts(): float
    {
        return sqrt(array_sum(array_map(static fn (array $one): float => ($one[0] * $one[1]->alternatingRms()) ** 2, $this->swings)));
    }

    /** Mean of what alternates, its sign left aside; of several swings that of the strongest. */
    public function rectifiedMeanVolts(): float
    {
        return max([0.0, ...array_map(static fn (array $one): float => abs($one[0]) * $one[1]->rectifiedMean(), $this->swings)]);
    }

    /** How long the slowest thing in it takes to repeat; infinite where nothing moves. */
    public function periodSeconds(): float
    {
        return $this->swings === [] ? INF : max(array_map(static fn (array $one): float => $one[1]->secondsPerTurn(), $this->swings));
    }

    public function toothHertz(): float
    {
        return $this->strongest()?->toothHertz() ?? 0.0;
    }

    /** Rises a second, on the mean of whole turns: a missing tooth is not counted. */
    public function countedHertz(): float
    {
        return $this->strongest()?->risesPerSecond() ?? 0.0;
    }

    /** The shortest thing that happens in it; infinite where nothing moves. */
    public function shortestSeconds(): float
    {
        return min([INF, ...array_map(static fn (array $one): float => $one[1]->shortestSeconds(), $this->swings)]);
    }

    private function strongest(): ?Shape
    {
        $swings = $this->swings;
        usort($swings, static fn (array $one, array $other): int => abs($other[0]) <=> abs($one[0]));

        return $swings[0][1] ?? null;
    }
}
