<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Facades\DB;

/** The people one answers for: an instructor the apprentices of the own groups, the administrator everybody. */
final readonly class People
{
    public function __construct(private Passwords $passwords, private SignIns $signIns, private Memberships $memberships, private HouseLog $log)
    {
    }

    /** @return Collection<int, User> by role and name */
    public function of(User $user): Collection
    {
        $people = User::query()->with('groups')->orderByDesc('role')->orderBy('name');
        if (! $user->isAdministrator()) {
            User::onlyIn($people->where('role', Role::Apprentice), $user->groupIds());
        }

        return $people->get();
    }

    /**
     * @param  list<int>  $groups
     * @return User with a password for once
     */
    public function add(User $by, string $name, string $signIn, Role $role, array $groups): User
    {
        return DB::transaction(function () use ($by, $name, $signIn, $role, $groups): User {
            $person = User::query()->create(['sign_in' => $signIn, 'name' => $name, 'role' => $role] + $this->withPasswordForOnce());
            foreach (Group::query()->findMany($groups) as $group) {
                $this->memberships->join($person, $group);
            }
            $this->log->note(LogKind::PersonAdded, $by, $name);

            return $person;
        });
    }

    /** A password for once; wherever that person is signed in it ends. */
    public function reset(User $by, User $person): User
    {
        $person->update($this->withPasswordForOnce());
        $this->signIns->endAll($person);
        $this->log->note(LogKind::PasswordReset, $by, $person->name);

        return $person;
    }

    /** @param  list<int>  $groups  among those $by answers for */
    public function regroup(User $by, User $person, array $groups): User
    {
        if ($this->memberships->set($by, $person, $groups)) {
            $this->log->note(LogKind::Regrouped, $by, $person->name.': '.$person->loadMissing('groups')->groups->pluck('name')->implode(', '));
        }

        return $person;
    }

    /** @return array{password: string, for_once: string, chooses_password: true} */
    private function withPasswordForOnce(): array
    {
        return ['password' => $this->passwords->nobodys(), 'for_once' => Crypt::encryptString(Passwords::forOnce()), 'chooses_password' => true];
    }
}
