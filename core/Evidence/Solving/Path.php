<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Solving;

use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Belief\HypothesisSet;

/** A job worked up to the repair by advice alone. */
final readonly class Path
{
    /**
     * @param  list<Trial>  $tests
     * @param  string  $needed  the remedy the car needs
     * @param  float  $repairMinutes  of repair and proof
     * @param  float  $repairMoney  material
     */
    public function __construct(public Job $job, public HypothesisSet $set, public Advice $advice, public array $tests, public string $needed, private float $repairMinutes, private float $repairMoney, private float $costPerMinute)
    {
    }

    public function isRight(): bool
    {
        return $this->advice->remedy === $this->needed;
    }

    /** Diagnosis, repair and proof. */
    public function minutes(): float
    {
        return $this->job->minutes() + $this->repairMinutes;
    }

    /** All of it in money, working time included. */
    public function cost(): float
    {
        return $this->job->money() + $this->repairMoney + $this->minutes() * $this->costPerMinute;
    }

    /** How sure the advice is of its remedy. */
    public function chance(): float
    {
        return $this->advice->repairs->byRemedy()[$this->advice->remedy] ?? 0.0;
    }
}
