<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Group;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Who is in which group. Whoever leaves one keeps what was done there, and so does the group's record. */
final readonly class Memberships
{
    public function join(User $user, Group $group): void
    {
        DB::table('memberships')->insertOrIgnore(['group_id' => $group->id, 'user_id' => $user->id, 'joined_at' => now()]);
        $user->unsetRelation('groups');
    }

    public function leave(User $user, Group $group): void
    {
        DB::table('memberships')->where(['group_id' => $group->id, 'user_id' => $user->id])->whereNull('left_at')->update(['left_at' => now()]);
        $user->unsetRelation('groups');
    }

    /**
     * Among the groups of whoever asks, these and no others; what others decide stays.
     *
     * @param  list<int>  $chosen  ids
     * @return bool whether anything has changed
     */
    public function set(User $by, User $user, array $chosen): bool
    {
        return DB::transaction(function () use ($by, $user, $chosen): bool {
            $before = $user->groupIds();
            foreach (Group::of($by)->get() as $group) {
                in_array($group->id, $chosen, true) ? $this->join($user, $group) : $this->leave($user, $group);
            }

            return $before !== $user->groupIds();
        });
    }
}
