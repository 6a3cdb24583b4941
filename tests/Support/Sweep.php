<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Chance\Draw;

/** Long sweeps: all of it in the thorough run, a fixed drawn sample in the usual one. */
final readonly class Sweep
{
    private const SEED = 'sample';

    /**
     * @template T
     *
     * @param  array<array-key, T>  $all
     * @param  int  $sample  how many of them the usual run takes
     * @return array<array-key, T> in their order
     */
    public static function of(array $all, int $sample): array
    {
        if (self::isThorough()) {
            return $all;
        }
        $draw = new Draw(self::SEED);
        $names = array_keys($all);
        usort($names, static fn (int|string $one, int|string $other): int => $draw->uniform((string) $one) <=> $draw->uniform((string) $other));

        return array_intersect_key($all, array_flip(array_slice($names, 0, $sample)));
    }

    public static function isThorough(): bool
    {
        return getenv('LERNFALL_THOROUGH') === '1';
    }
}
