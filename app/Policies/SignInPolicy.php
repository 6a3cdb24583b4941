<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\Role;
use App\Models\SignIn;
use App\Models\User;

/** Everybody ends their own; instructors those of their apprentices, too; the administrator all. */
final class SignInPolicy
{
    public function end(User $user, SignIn $signIn): bool
    {
        return $signIn->user_id === $user->id || $user->isAdministrator()
            || ($user->isInstructor() && $signIn->user->role === Role::Apprentice && $user->shares($signIn->user));
    }
}
