<?php

declare(strict_types=1);

namespace App\Accounts;

use App\Models\Group;
use App\Models\JoinCode;
use App\Models\JoinRequest;
use App\Models\Role;
use App\Models\User;
use Carbon\CarbonInterface;
use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/**
 * How a class comes in by a code: it is shown to them until it ends; who types it says who they are and chooses a password; an
 * instructor who sees them lets them in.
 */
final readonly class Joining
{
    private const SYLLABLES = 4;

    private const TOKEN_LENGTH = 40;

    /** Wrong codes from one address, behind which there may be a class, and the seconds in which they are counted. */
    private const WRONG_CODES = 60;

    private const COUNTED_SECONDS = 600;

    public const MOST_WAITING = 200;

    public function __construct(private Memberships $memberships, private HouseLog $log, private RateLimiter $limiter, private Hasher $hasher)
    {
    }

    /** One for a group at a time. */
    public function open(Group $group, CarbonInterface $until): JoinCode
    {
        $this->close($group);

        return JoinCode::query()->create(['group_id' => $group->id, 'code' => Passwords::spoken(self::SYLLABLES), 'ends_at' => $until]);
    }

    public function close(Group $group): void
    {
        JoinCode::query()->where('group_id', $group->id)->delete();
    }

    public function codeOf(Group $group): ?JoinCode
    {
        return JoinCode::query()->where('group_id', $group->id)->where('ends_at', '>', now())->first();
    }

    /** @throws TooSoon where too many wrong ones came from this address */
    public function found(string $code, string $address): ?JoinCode
    {
        $key = "join codes from $address";
        if ($this->limiter->tooManyAttempts($key, self::WRONG_CODES)) {
            throw new TooSoon($this->limiter->availableIn($key));
        }
        $found = JoinCode::query()->with('group')->where('code', mb_strtolower(trim($code)))->where('ends_at', '>', now())->first();
        $found === null && $this->limiter->hit($key, self::COUNTED_SECONDS);

        return $found;
    }

    /** @return Collection<int, User> apprentices of a group who have no password of their own yet, by name */
    public function listed(Group $group): Collection
    {
        return $group->people()->where('role', Role::Apprentice)->whereNotNull('for_once')->get();
    }

    /** @return string what whoever asked comes back with */
    public function ask(Group $group, ?User $listed, string $name, string $signIn, #[\SensitiveParameter] string $password): string
    {
        $token = Str::random(self::TOKEN_LENGTH);
        JoinRequest::query()->create([
            'group_id' => $group->id, 'user_id' => $listed?->id, 'name' => $listed->name ?? $name, 'sign_in' => $listed->sign_in ?? $signIn,
            'password' => $this->hasher->make($password), 'token' => hash('sha256', $token), 'asked_at' => now(),
        ]);

        return $token;
    }

    /** @return Collection<int, JoinRequest> the first who asked first */
    public function waiting(Group $group): Collection
    {
        return JoinRequest::query()->where('group_id', $group->id)->whereNull('let_in_at')->whereNull('refused_at')->orderBy('id')->get();
    }

    public function of(string $token): ?JoinRequest
    {
        return JoinRequest::query()->with('user')->where('token', hash('sha256', $token))->first();
    }

    /** Nothing happens twice; one whose sign-in name has been taken meanwhile is refused, and has to ask again. */
    public function letIn(User $by, JoinRequest $request): void
    {
        DB::transaction(function () use ($by, $request): void {
            $fresh = $request->newQuery()->lockForUpdate()->findOrFail($request->id);
            if ($fresh->let_in_at !== null || $fresh->refused_at !== null) {
                return;
            }
            $person = $fresh->user_id === null ? $this->added($fresh) : $this->takenOver($fresh);
            $fresh->update($person === null ? ['refused_at' => now()] : ['let_in_at' => now(), 'user_id' => $person->id]);
            $person !== null && $this->log->note(LogKind::LetIn, $by, $person->name);
        });
        $request->refresh();
    }

    public function refuse(JoinRequest $request): void
    {
        $request->newQuery()->whereKey($request->id)->whereNull('let_in_at')->update(['refused_at' => now()]);
    }

    private function added(JoinRequest $request): ?User
    {
        if (User::query()->where('sign_in', $request->sign_in)->exists()) {
            return null;
        }
        $person = User::query()->create(['sign_in' => $request->sign_in, 'name' => $request->name, 'role' => Role::Apprentice, 'password' => $request->password]);
        $this->memberships->join($person, $request->group);

        return $person;
    }

    /** Whoever has a password of their own keeps the account. */
    private function takenOver(JoinRequest $request): ?User
    {
        $person = $request->user;
        if ($person === null || $person->for_once === null) {
            return null;
        }
        $person->update(['password' => $request->password, 'for_once' => null, 'chooses_password' => false]);

        return $person;
    }
}
