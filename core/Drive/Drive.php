<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Closure;

/** A drive is a list of stretches. */
final readonly class Drive
{
    private const PULL_AWAY_METRES_PER_SECOND_SQUARED = 1.4;

    private const AWAY_METRES_PER_SECOND = 6.0 / 3.6;

    private const STOP_METRES_PER_SECOND_SQUARED = 2.0;

    /** @param  list<Stretch>  $stretches */
    private function __construct(public array $stretches)
    {
    }

    public static function of(Stretch ...$stretches): self
    {
        return new self(array_values($stretches));
    }

    /** Pulls away, holds a speed, stops. */
    public static function straight(float $metresPerSecond, float $holdSeconds): self
    {
        return new self([
            new Stretch(0.0, $metresPerSecond, $metresPerSecond / self::PULL_AWAY_METRES_PER_SECOND_SQUARED),
            new Stretch($metresPerSecond, $metresPerSecond, $holdSeconds),
            new Stretch($metresPerSecond, 0.0, $metresPerSecond / self::STOP_METRES_PER_SECOND_SQUARED, braked: true),
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

    /** Tells two drives apart. */
    public function text(): string
    {
        return implode(' ', array_map(static fn (Stretch $one): string => "$one->fromMetresPerSecond-$one->toMetresPerSecond:$one->seconds:{$one->ground->value}", $this->stretches));
    }

    public function secondsOn(Ground $ground): float
    {
        return array_sum(array_map(static fn (Stretch $one): float => $one->ground === $ground ? $one->seconds : 0.0, $this->stretches));
    }

    public function seconds(): float
    {
        return array_sum(array_map(static fn (Stretch $one): float => $one->seconds, $this->stretches));
    }

    /** When the speed has been between two limits for longer than this, all in all; null where it never is. */
    public function afterSecondsBetween(float $lower, float $upper, float $seconds, ?Ground $on = null): ?Moment
    {
        return $this->when($lower, $upper, static fn (Stretch $part): float => $on === null || $on === $part->ground ? $part->seconds : 0.0, static fn (Stretch $part, float $left): float => $left, $seconds);
    }

    /** When more than this distance has been covered between two speeds, all in all; null where it never is. */
    public function afterMetresBetween(float $lower, float $upper, float $metres): ?Moment
    {
        return $this->when($lower, $upper, static fn (Stretch $part): float => $part->metres(), static fn (Stretch $part, float $left): float => $part->secondsFor($left), $metres);
    }

    /**
     * The speed of the first stretch that holds one in a window for long enough; null where none does.
     *
     * @param  callable(float): bool  $fits  told a speed, in metres a second
     */
    public function heldSpeed(callable $fits, float $seconds, ?Ground $on = null): ?float
    {
        foreach ($this->stretches as $one) {
            if ($one->fromMetresPerSecond === $one->toMetresPerSecond && $one->seconds >= $seconds && ($on === null || $on === $one->ground) && $fits($one->fromMetresPerSecond)) {
                return $one->fromMetresPerSecond;
            }
        }

        return null;
    }

    /** When the car has pulled away: at a brisk walk. */
    public function pulledAway(): ?Moment
    {
        return $this->afterSecondsBetween(self::AWAY_METRES_PER_SECOND, INF, 0.0);
    }

    /** When the car gathers speed, at a brisk walk, with nobody's foot on the brake; null where it never does. */
    public function gathersSpeedUnbraked(): ?Moment
    {
        return $this->when(self::AWAY_METRES_PER_SECOND, INF, static fn (Stretch $part): float => ! $part->braked && $part->toMetresPerSecond > $part->fromMetresPerSecond ? $part->seconds : 0.0, static fn (Stretch $part, float $left): float => $left, 0.0);
    }

    /** Some seconds into the first stretch over this ground; null where the drive has none. */
    public function into(Ground $ground, float $seconds): ?Moment
    {
        $passed = 0.0;
        foreach ($this->stretches as $stretch) {
            if ($stretch->ground === $ground && $stretch->fromMetresPerSecond === $stretch->toMetresPerSecond) {
                return new Moment($passed + min($seconds, $stretch->seconds), $stretch->fromMetresPerSecond, $ground);
            }
            $passed += $stretch->seconds;
        }

        return null;
    }

    /** The middle of the last stretch at a steady speed; null where there is none. */
    public function late(): ?Moment
    {
        $passed = 0.0;
        $moment = null;
        foreach ($this->stretches as $stretch) {
            if ($stretch->fromMetresPerSecond === $stretch->toMetresPerSecond && $stretch->seconds > 0.0) {
                $moment = new Moment($passed + $stretch->seconds / 2.0, $stretch->fromMetresPerSecond, $stretch->ground);
            }
            $passed += $stretch->seconds;
        }

        return $moment;
    }

    public function secondsBetween(float $lower, float $upper, ?Ground $on = null): float
    {
        return array_sum(array_map(static fn (Stretch $one): float => $on === null || $on === $one->ground ? $one->secondsBetween($lower, $upper) : 0.0, $this->stretches));
    }

    public function metresAbove(float $limit): float
    {
        return array_sum(array_map(static fn (Stretch $one): float => $one->metresAbove($limit), $this->stretches));
    }

    public function greatestSpeed(): float
    {
        return max([0.0, ...array_map(static fn (Stretch $one): float => max($one->fromMetresPerSecond, $one->toMetresPerSecond), $this->stretches)]);
    }

    /**
     * @param  Closure(Stretch): float  $amount  of what is added up, in a part of a stretch
     * @param  Closure(Stretch, float): float  $secondsTo  how long a part takes until an amount is reached
     */
    private function when(float $lower, float $upper, Closure $amount, Closure $secondsTo, float $limit): ?Moment
    {
        $passed = 0.0;
        $reached = 0.0;
        foreach ($this->stretches as $stretch) {
            $part = $stretch->within($lower, $upper);
            if ($part !== null && $reached + $amount($part) > $limit) {
                $seconds = $secondsTo($part, $limit - $reached);

                return new Moment($passed + $stretch->secondsUntil($part) + $seconds, $part->speedAfter($seconds), $stretch->ground);
            }
            $reached += $part === null ? 0.0 : $amount($part);
            $passed += $stretch->seconds;
        }

        return null;
    }
}
