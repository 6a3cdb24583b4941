<?php

declare(strict_types=1);

namespace Lernfall\Drive;

/** A drive is a list of stretches. */
final readonly class Drive
{
    private const PULL_AWAY_METRES_PER_SECOND_SQUARED = 1.4;

    private const STOP_METRES_PER_SECOND_SQUARED = 2.0;

    /** @param  list<Stretch>  $stretches */
    private function __construct(public array $stretches)
    {
    }

    /** Pulls away, holds a speed, stops. */
    public static function straight(float $metresPerSecond, float $holdSeconds): self
    {
        return new self([
            new Stretch(0.0, $metresPerSecond, $metresPerSecond / self::PULL_AWAY_METRES_PER_SECOND_SQUARED),
            new Stretch($metresPerSecond, $metresPerSecond, $holdSeconds),
            new Stretch($metresPerSecond, 0.0, $metresPerSecond / self::STOP_METRES_PER_SECOND_SQUARED),
        ]);
    }

    /**
     * Pulls away to each speed, holds it over the ground given, and stops.
     *
     * @param  array{float, list<array{Ground, float}>}  ...$parts  metres a second, then ground and seconds of each stretch
     */
    public static function over(array ...$parts): self
    {
        $stretches = [];
        foreach ($parts as [$metresPerSecond, $held]) {
            [$away, , $stop] = self::straight($metresPerSecond, 0.0)->stretches;
            $holding = array_map(static fn (array $one): Stretch => new Stretch($metresPerSecond, $metresPerSecond, $one[1], $one[0]), $held);
            array_push($stretches, $away, ...$holding, ...[$stop]);
        }

        return new self($stretches);
    }

    public function secondsOn(Ground $ground): float
    {
        return array_sum(array_map(static fn (Stretch $one): float => $one->ground === $ground ? $one->seconds : 0.0, $this->stretches));
    }

    public function secondsBetween(float $lower, float $upper): float
    {
        return array_sum(array_map(static fn (Stretch $one): float => $one->secondsBetween($lower, $upper), $this->stretches));
    }

    public function metresAbove(float $limit): float
    {
        return array_sum(array_map(static fn (Stretch $one): float => $one->metresAbove($limit), $this->stretches));
    }

    public function greatestSpeed(): float
    {
        return max([0.0, ...array_map(static fn (Stretch $one): float => max($one->fromMetresPerSecond, $one->toMetresPerSecond), $this->stretches)]);
    }
}
