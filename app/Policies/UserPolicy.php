<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\User;

/** Instructors answer for the apprentices of their class, the administrator for everybody but administrators. */
final class UserPolicy
{
    public function list(User $user): bool
    {
        return $user->isInstructor() || $user->isAdministrator();
    }

    public function add(User $user, Role $role): bool
    {
        return $role === Role::Apprentice ? $this->list($user) : $role === Role::Instructor && $user->isAdministrator();
    }

    /** In which of the groups one answers for somebody is. */
    public function regroup(User $user, User $person): bool
    {
        return $this->resetPassword($user, $person);
    }

    /** Wholly; nobody deletes an administrator. */
    public function delete(User $user, User $person): bool
    {
        return $user->isAdministrator() && $person->role !== Role::Administrator;
    }

    public function resetPassword(User $user, User $person): bool
    {
        return $user->isAdministrator() ? $person->role !== Role::Administrator
            : $user->isInstructor() && $person->role === Role::Apprentice && $user->shares($person);
    }
}
