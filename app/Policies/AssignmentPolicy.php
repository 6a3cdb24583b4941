<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Assignment;
use App\Models\Role;
use App\Models\User;

/** Assignments are worked by the apprentices they were given to; who has begun one may finish it elsewhere. */
final class AssignmentPolicy
{
    public function list(User $user): bool
    {
        return $user->role === Role::Apprentice;
    }

    public function work(User $user, Assignment $assignment): bool
    {
        return $user->role === Role::Apprentice
            && ($assignment->newQuery()->whereKey($assignment->id)->tap(static fn ($one) => Assignment::to($one, $user))->exists() || $assignment->attempts()->where('apprentice_id', $user->id)->exists());
    }

    /** Whoever has the case takes it back, annuls it and opens its reports. */
    public function direct(User $user, Assignment $assignment): bool
    {
        return $assignment->version->draft->isHeldBy($user);
    }
}
