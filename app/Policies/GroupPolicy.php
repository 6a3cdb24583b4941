<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Group;
use App\Models\User;

/** Instructors make groups and see their own; the administrator sees all. */
final class GroupPolicy
{
    public function list(User $user): bool
    {
        return $user->isInstructor() || $user->isAdministrator();
    }

    public function manage(User $user, Group $group): bool
    {
        return $user->isAdministrator() || ($user->isInstructor() && in_array($group->id, $user->groupIds(), true));
    }
}
