<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Repair\Repair;
use Lernfall\Evidence\Advice\Remedies;

/** Somebody decided what was wrong with the car: by making a repair, or by handing the car over with its cause named. */
final readonly class Decision
{
    /**
     * @param  int  $step  at which it was made, or the car handed over
     * @param  Repair  $repair  made here, or asked of somebody else
     */
    public function __construct(public int $step, public Repair $repair, public bool $isLeftToOthers = false)
    {
    }

    /** Names it among all of a job. */
    public function key(): string
    {
        return "$this->step ".Remedies::key($this->repair);
    }
}
