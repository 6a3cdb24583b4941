<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Job;
use Lernfall\Evidence\Lineup;

/** A job worked up to the repair by advice alone. */
final readonly class Path
{
    /**
     * @param  list<Trial>  $tests
     * @param  string  $needed  the remedy the car needs
     */
    public function __construct(public Job $job, public Lineup $lineup, public Advice $advice, public array $tests, public string $needed)
    {
    }

    public function isRight(): bool
    {
        return $this->advice->remedy === $this->needed;
    }

    /** How sure the advice is of its remedy. */
    public function chance(): float
    {
        return $this->advice->repairs->byRemedy()[$this->advice->remedy] ?? 0.0;
    }
}
