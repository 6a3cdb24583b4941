<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\AttemptAction;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use LogicException;

/** An action that has been stored, and the job as it stands after it. */
final readonly class RecordedAction
{
    /** @param  bool  $isNew  false where it had been taken before and was only asked for again */
    public function __construct(public AttemptAction $entry, public Job $job, public bool $isNew = true)
    {
    }

    public function step(): Step
    {
        return $this->job->step($this->entry->number) ?? throw new LogicException('a stored action is a step of its job');
    }
}
