<?php

declare(strict_types=1);

namespace App\Accounts\Roster;

use App\Accounts\Memberships;
use App\Accounts\People;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** Takes in everybody of a roster, or nobody. */
final readonly class RosterIntake
{
    public function __construct(private People $people, private Memberships $memberships)
    {
    }

    /**
     * @param  Roster  $roster  in order
     * @param  ?Group  $otherwise  for those whose group is left open
     * @return list<User> with passwords for once
     */
    public function takeIn(Roster $roster, User $by, ?Group $otherwise): array
    {
        return DB::transaction(function () use ($roster, $by, $otherwise): array {
            $people = [];
            foreach ($roster->rows as $row) {
                $group = $row->group === '' ? $otherwise : $this->group($row->group, $by);
                $people[] = $this->people->add($by, $row->name, $row->signIn, Role::Apprentice, $group === null ? [] : [$group->id]);
            }

            return $people;
        });
    }

    private function group(string $name, User $by): Group
    {
        $group = Group::query()->firstOrCreate(['name' => $name]);
        if ($group->wasRecentlyCreated && $by->isInstructor()) {
            $this->memberships->join($by, $group);
        }

        return $group;
    }
}
