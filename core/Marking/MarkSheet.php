<?php

declare(strict_types=1);

namespace Lernfall\Marking;

/** All marks of a job. */
final readonly class MarkSheet
{
    /** @param  list<Mark>  $marks */
    public function __construct(public array $marks)
    {
    }

    public function points(): float
    {
        return array_sum(array_map(static fn (Mark $mark): float => $mark->points, $this->marks));
    }

    public function outOf(): int
    {
        return array_sum(array_map(static fn (Mark $mark): int => $mark->outOf, $this->marks));
    }

    public function mark(string $criterion): ?Mark
    {
        foreach ($this->marks as $mark) {
            if ($mark->criterion === $criterion) {
                return $mark;
            }
        }

        return null;
    }
}
