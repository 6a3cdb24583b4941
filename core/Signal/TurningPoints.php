<?php

declare(strict_types=1);

namespace Lernfall\Signal;

/** The turning points of a shape in the order of a turn, worked out when they are first asked for. */
final class TurningPoints
{
    /** In pitches: what lies so near an edge may be on either side of it by rounding. */
    private const ROUNDING = 1e-6;

    /** @var ?list<array{float, float}> pitches and value */
    private ?array $known = null;

    public function areKnown(): bool
    {
        return $this->known !== null;
    }

    /** @param  list<array{float, float}>  $points  pitches and value */
    public function keep(array $points): void
    {
        sort($points);
        $this->known = $points;
    }

    /** @return list<array{float, float}> those from one place in a turn to another, rounding included */
    public function between(float $from, float $to): array
    {
        $points = $this->known ?? [];
        $first = $this->firstFrom($from - self::ROUNDING, $points);
        $last = $this->firstFrom($to + self::ROUNDING, $points);

        return array_slice($points, $first, $last - $first);
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return int its place, by halving; their number where there is none
     */
    private function firstFrom(float $pitches, array $points): int
    {
        $low = 0;
        $high = count($points);
        while ($low < $high) {
            $middle = intdiv($low + $high, 2);
            if ($points[$middle][0] < $pitches) {
                $low = $middle + 1;
            } else {
                $high = $middle;
            }
        }

        return $low;
    }
}
