<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Evidence\Belief\Possible;

/** All marks of a job. */
final readonly class MarkSheet
{
    /**
     * @param  list<Mark>  $marks
     * @param  list<RepairReview>  $reviews  how each repair stood to what was known
     * @param  list<Possible>  $possible  what was still possible, step by step
     * @param  array<string, int>  $mistakes  step by id of mistakes known by name
     * @param  list<StationReview>  $stations  marks on the strip against what the card made of them
     * @param  list<array{step: int, about: string, points: float}>  $counsel  what advice asked in practice has cost
     * @param  ?SafetyCap  $cap  what an unsafe act leaves at most
     */
    public function __construct(
        public array $marks,
        public array $reviews = [],
        public array $possible = [],
        public array $mistakes = [],
        public array $stations = [],
        public array $counsel = [],
        public ?SafetyCap $cap = null,
    ) {
    }

    /** @param  list<array{step: int, about: string, points: float}>  $counsel */
    public function afterCounsel(array $counsel): self
    {
        return new self($this->marks, $this->reviews, $this->possible, $this->mistakes, $this->stations, $counsel, $this->cap);
    }

    public function points(): float
    {
        $points = array_sum(array_map(static fn (Mark $mark): float => $mark->points, $this->marks)) - array_sum(array_column($this->counsel, 'points'));

        return max(0.0, min($points, $this->cap->points ?? INF));
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
