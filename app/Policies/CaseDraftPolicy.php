<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\CaseDraft;
use App\Models\User;

/** Cases belong to the instructor who made them and to those they are shared with; apprentices never see one. */
final class CaseDraftPolicy
{
    /** Lists, cars, the catalogue of faults, previews. */
    public function compose(User $user): bool
    {
        return $user->isInstructor();
    }

    public function own(User $user, CaseDraft $draft): bool
    {
        return $draft->isHeldBy($user);
    }

    /** Whoever made it. */
    public function share(User $user, CaseDraft $draft): bool
    {
        return $user->isInstructor() && $draft->instructor_id === $user->id;
    }
}
