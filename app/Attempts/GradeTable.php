<?php

declare(strict_types=1);

namespace App\Attempts;

/** Points become grades by the school's own table. */
final readonly class GradeTable
{
    /** @param  list<array{from: float, grade: string}>  $steps  from which percent of the points, the highest first; empty where the school gives none */
    public function __construct(public array $steps)
    {
    }

    public function of(float $points, float $outOf): ?string
    {
        foreach ($outOf > 0.0 ? $this->steps : [] as $step) {
            if (round($points / $outOf * 100.0, 6) >= $step['from']) {
                return $step['grade'];
            }
        }

        return null;
    }
}
