<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\AttemptAction;

/** Closes a job: in the transaction of its last step, with its marks asked for. */
final readonly class Closing
{
    public function __construct(private AwaitedMarks $marks)
    {
    }

    public function close(Attempt $attempt, AttemptAction $last): void
    {
        $attempt->update(['concluded_at' => $last->done_at]);
        $this->marks->ask($attempt);
    }

    /** A job that was caught between its last step and being closed is closed at the next look. */
    public function repaired(Attempt $attempt): Attempt
    {
        $last = $attempt->concluded_at === null ? $attempt->actions->last() : null;
        if ($last !== null && $last->action['do'] === 'conclude') {
            $this->close($attempt, $last);
            $attempt->unsetRelation('markSheet'); // it may have come meanwhile
        }

        return $attempt;
    }
}
