<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\CaseVersion;
use App\Models\Role;
use App\Models\User;

/** Published cases are worked by the apprentices of the group they were given to; who has begun one may finish it elsewhere. */
final class CaseVersionPolicy
{
    public function list(User $user): bool
    {
        return $user->role === Role::Apprentice;
    }

    public function work(User $user, CaseVersion $version): bool
    {
        return $user->role === Role::Apprentice
            && (in_array($version->group_id, $user->groupIds(), true) || $version->attempts()->where('apprentice_id', $user->id)->exists());
    }
}
