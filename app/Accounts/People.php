<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Role;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;

/** The people one answers for: an instructor the apprentices of the class, the administrator everybody. */
final readonly class People
{
    public function __construct(private SignIns $signIns, private HouseLog $log)
    {
    }

    /** @return Collection<int, User> by role and name */
    public function of(User $user): Collection
    {
        $people = User::query()->with('group')->orderByDesc('role')->orderBy('name');
        if (! $user->isAdministrator()) {
            $people->where('group_id', $user->group_id)->where('role', Role::Apprentice);
        }

        return $people->get();
    }

    /** @return array{User, string} the new person, and the password for once */
    public function add(User $by, string $name, string $signIn, Role $role): array
    {
        $password = Passwords::forOnce();
        $person = User::query()->create([
            'group_id' => $by->group_id, 'sign_in' => $signIn, 'name' => $name, 'role' => $role, 'password' => $password, 'chooses_password' => true,
        ]);
        $this->log->note(LogKind::PersonAdded, $by, $name);

        return [$person, $password];
    }

    /** A password for once; wherever that person is signed in it ends. */
    public function reset(User $by, User $person): string
    {
        $password = Passwords::forOnce();
        $person->update(['password' => $password, 'chooses_password' => true]);
        $this->signIns->endAll($person);
        $this->log->note(LogKind::PasswordReset, $by, $person->name);

        return $password;
    }
}
