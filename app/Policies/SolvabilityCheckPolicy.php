<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\SolvabilityCheck;
use App\Models\User;

/** What was found about a case is for whoever asked. */
final class SolvabilityCheckPolicy
{
    public function read(User $user, SolvabilityCheck $check): bool
    {
        return $user->isInstructor() && $check->instructor_id === $user->id;
    }
}
