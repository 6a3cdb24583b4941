<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\CaseVersion;
use App\Models\Role;
use App\Models\User;

/** Published cases are worked by the apprentices of the group they were published to. */
final class CaseVersionPolicy
{
    public function list(User $user): bool
    {
        return $user->role === Role::Apprentice;
    }

    public function work(User $user, CaseVersion $version): bool
    {
        return $user->role === Role::Apprentice && $version->group_id === $user->group_id;
    }
}
