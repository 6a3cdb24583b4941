<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Closure;
use Lernfall\Bay\Car\Car;

/**
 * Where the rings of all wheels stand as a drive begins, as a share of a tooth. No two drives begin alike, and where slip is controlled, every figure depends on it a little: a true car draws one place for each drive, a
 * car that could be there is tried at all of them, so that each is as likely to have been the one.
 */
final readonly class RingStart
{
    private const SHARES = [0.0, 1.0 / 3.0, 2.0 / 3.0];

    /** @param  non-empty-list<float>  $shares */
    private function __construct(private array $shares)
    {
    }

    /** Of the drive that this car does next. */
    public static function of(Car $car): self
    {
        if ($car->isHypothesis()) {
            return new self(self::SHARES);
        }
        $drawn = 0;
        for ($left = count(self::SHARES); $left > 1 && $car->deviations->chance("rings as drive {$car->state->record->drives} begins, of $left", 1.0 / $left) < 1.0; $left--) {
            $drawn++;
        }

        return new self([self::SHARES[$drawn]]);
    }

    /** The one of the drive that is recorded. */
    public function first(): float
    {
        return $this->shares[0];
    }

    /**
     * What is told of each place; what a true car shows counts for all of them.
     *
     * @template R
     *
     * @param  R  $first  the drive that began at the first place
     * @param  Closure(float): R  $drive  the same begun at another one
     * @param  Closure(R): array{array<string, string>, bool}  $words  of a drive, by what they are about, and whether they would be the same wherever it began
     * @return non-empty-list<array<string, string>>
     */
    public function told(mixed $first, Closure $drive, Closure $words): array
    {
        [$told, $isSame] = $words($first);
        $others = array_map(fn (int $next): array => $isSame || ! isset($this->shares[$next]) ? $told : $words($drive($this->shares[$next]))[0], range(1, count(self::SHARES) - 1));

        return [$told, ...$others];
    }

    /**
     * The mean over all places.
     *
     * @param  Closure(float): float  $figure
     */
    public static function mean(Closure $figure): float
    {
        return array_sum(array_map($figure, self::SHARES)) / count(self::SHARES);
    }
}
