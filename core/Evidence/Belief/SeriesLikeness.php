<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Contract\ObservedSeries;
use Lernfall\Bay\Contract\SeriesFeature;

/** Recordings are compared by how long a wheel seems to stand although it should turn, or turns although it should not. */
final readonly class SeriesLikeness
{
    /** Two are alike within this share of their time, and of their greatest speed. */
    private const SAME_SHARE = 0.02;

    private const SAME_SPEED = 0.02;

    public function areAlike(SeriesFeature $predicted, ObservedSeries $shown): bool
    {
        [$standing, $greatest] = Memo::with($predicted, 'looked over', static fn (): array => self::lookedOver($predicted->values));
        [$stood, $reached] = Memo::with($shown, 'looked over', static fn (): array => self::lookedOver(array_map(static fn (int $step): float => $step * $shown->resolution, $shown->steps)));

        return abs($standing - $stood) < self::SAME_SHARE && abs($reached / max(0.1, $greatest) - 1.0) < self::SAME_SPEED;
    }

    /**
     * @param  list<float>  $values
     * @return array{float, float} the share of the time it stands, and the greatest
     */
    private static function lookedOver(array $values): array
    {
        $standing = $values === [] ? 0.0 : count(array_filter($values, static fn (float $one): bool => $one <= 0.0)) / count($values);

        return [$standing, max([0.0, ...$values])];
    }
}
