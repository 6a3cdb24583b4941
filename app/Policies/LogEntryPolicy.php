<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\User;

/** The log is for those who answer for the house. */
final class LogEntryPolicy
{
    public function read(User $user): bool
    {
        return $user->isInstructor() || $user->isAdministrator();
    }
}
