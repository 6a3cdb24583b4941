<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Closure;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Evidence\Belief\Posterior;

/**
 * How close a verdict is: nobody knows exactly how common a fault is. What would hold were one kind of fault three times more or
 * less common holds in full; what would need a factor of nine does not hold, and in between it holds in part, evenly by the
 * logarithm of the factor.
 */
final readonly class Closeness
{
    public const FULL_UP_TO = 3.0;

    public const NONE_FROM = 9.0;

    /** Kinds less likely than this turn nothing; of the others so many of the likeliest are tried. */
    private const FROM = 0.003;

    private const AT_MOST = 8;

    /** Halvings of the stretch between full and none. */
    private const HALVINGS = 4;

    /** @param  Closure(Posterior): bool  $holds  grows with the factor: what holds at one holds at a greater one */
    public static function share(Posterior $posterior, Closure $holds): float
    {
        if ($holds($posterior)) {
            return 1.0;
        }
        $share = 0.0;
        foreach (self::kinds($posterior) as $kind) {
            foreach ([1.0, -1.0] as $way) {
                $shifted = static fn (float $factor): bool => $holds($posterior->ifCommoner($kind, $factor ** $way));
                if ($shifted(self::FULL_UP_TO)) {
                    return 1.0;
                }
                $share = $shifted(self::NONE_FROM) ? max($share, self::between($shifted)) : $share;
            }
        }

        return $share;
    }

    /** @param  Closure(float): bool  $holds */
    private static function between(Closure $holds): float
    {
        [$low, $high] = [log(self::FULL_UP_TO), log(self::NONE_FROM)];
        for ($halving = 0; $halving < self::HALVINGS; $halving++) {
            $middle = ($low + $high) / 2.0;
            [$low, $high] = $holds(exp($middle)) ? [$low, $middle] : [$middle, $high];
        }

        return (log(self::NONE_FROM) - ($low + $high) / 2.0) / (log(self::NONE_FROM) - log(self::FULL_UP_TO));
    }

    /** @return list<string> */
    private static function kinds(Posterior $posterior): array
    {
        $kinds = array_filter(
            $posterior->by(static fn (Hypothesis $hypothesis): string => $hypothesis->kinds()[0]),
            static fn (float $chance): bool => $chance >= self::FROM,
        );

        return array_map(strval(...), array_keys(array_slice($kinds, 0, self::AT_MOST, true)));
    }
}
