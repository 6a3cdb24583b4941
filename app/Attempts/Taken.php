<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\AttemptAction;
use Lernfall\Bay\Job;

/** An action that has been stored, and the job as it stands after it. */
final readonly class Taken
{
    public function __construct(public AttemptAction $entry, public Job $job)
    {
    }
}
