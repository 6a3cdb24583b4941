<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Role;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Contracts\Session\Session;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\QueryException;

/** Who is signed in where: until they sign out, somebody ends it, or a school day is over. */
final readonly class SignIns
{
    private const KEY = 'sign-in';

    private const SEEN_SECONDS = 60;

    public function begin(Session $session, User $user, string $address): void
    {
        $signIn = SignIn::query()->create(['user_id' => $user->id, 'address' => $address, 'began_at' => now(), 'seen_at' => now()]);
        $session->put(self::KEY, $signIn->id);
    }

    public function current(Session $session): ?SignIn
    {
        $id = $session->get(self::KEY);

        return is_int($id) ? $this->standing()->find($id) : null;
    }

    /** Says whether it is worth writing down that somebody was seen: once a minute. */
    public function see(SignIn $signIn): bool
    {
        if ($signIn->seen_at->getTimestamp() > now()->getTimestamp() - self::SEEN_SECONDS) {
            return false;
        }
        try {
            return $signIn->update(['seen_at' => now()]);
        } catch (QueryException) { // what can be read can still be read, and the session need not be written either
            return false;
        }
    }

    /** Of this person, but for one. */
    public function endAll(User $user, ?SignIn $but = null): void
    {
        $this->standing()->where('user_id', $user->id)->whereKeyNot($but->id ?? 0)->update(['ended_at' => now()]);
    }

    public function end(SignIn $signIn): void
    {
        $signIn->update(['ended_at' => now()]);
    }

    /** @return Collection<int, SignIn> that this person may see and end, the newest first */
    public function seenBy(User $user): Collection
    {
        return $this->standing()->with('user')->orderByDesc('id')->where(static fn (Builder $one): Builder => match (true) {
            $user->isAdministrator() => $one,
            $user->isInstructor() => $one->where('user_id', $user->id)->orWhereHas('user', static function (Builder $other) use ($user): void {
                User::onlyIn($other->where('role', Role::Apprentice), $user->groupIds());
            }),
            default => $one->where('user_id', $user->id),
        })->get();
    }

    /** @return Builder<SignIn> */
    private function standing(): Builder
    {
        return SignIn::query()->whereNull('ended_at')->where('began_at', '>', now()->subHours(config()->integer('lernfall.signed_in_hours')));
    }
}
