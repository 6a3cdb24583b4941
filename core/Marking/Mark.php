<?php

declare(strict_types=1);

namespace Lernfall\Marking;

/** The points of one criterion with their reason. */
final readonly class Mark
{
    public function __construct(public string $criterion, public float $points, public int $outOf, public Verdict $verdict)
    {
    }
}
