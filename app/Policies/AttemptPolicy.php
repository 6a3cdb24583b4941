<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Attempt;
use App\Models\User;

/** An attempt is its apprentice's own; the instructor of the case may read along. */
final class AttemptPolicy
{
    public function work(User $user, Attempt $attempt): bool
    {
        return $attempt->apprentice_id === $user->id;
    }

    /** The report names the fault, so the apprentice gets it only when the job is closed. */
    public function readReport(User $user, Attempt $attempt): bool
    {
        return $attempt->version->draft->instructor_id === $user->id
            || ($attempt->apprentice_id === $user->id && $attempt->concluded_at !== null);
    }

    /** Marks of a closed job may be decided otherwise by whoever made the case. */
    public function override(User $user, Attempt $attempt): bool
    {
        return $attempt->concluded_at !== null && $attempt->version->draft->instructor_id === $user->id;
    }
}
