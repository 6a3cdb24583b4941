<?php

declare(strict_types=1);

namespace App\Models;

use App\Attempts\Release;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use Lernfall\Evidence\Variation\Variation;

/**
 * A published case as groups and single apprentices have it to work: from when, until when and how often they can begin it, and
 * when its reports open.
 *
 * @property int $id
 * @property int $case_version_id the newest; who began an older one keeps that
 * @property \Illuminate\Support\Carbon $given_at the newest version
 * @property ?\Illuminate\Support\Carbon $starts_at from when it can be begun
 * @property ?\Illuminate\Support\Carbon $ends_at until when
 * @property Variation $variation in what its cars differ
 * @property ?array<string, mixed> $preparation how far its variants have come, see App\Attempts\Variants
 * @property ?int $tries how often one may begin it; null: as often as one likes
 * @property ?int $minutes_allowed for one job of it; null: as long as one likes
 * @property ?\Illuminate\Support\Carbon $paused_at since when all who work it pause
 * @property bool $closed_room whether the lab, other jobs and old reports are closed to whoever is at work on it
 * @property bool $handbook whether that is open then
 * @property ?\Illuminate\Support\Carbon $released_at when the instructor opened its reports
 * @property ?\Illuminate\Support\Carbon $withdrawn_at since when nobody can begin it any more
 * @property ?\Illuminate\Support\Carbon $annulled_at since when it counts for nobody
 * @property ?string $annulled_because
 * @property CaseVersion $version
 * @property \Illuminate\Database\Eloquent\Collection<int, Group> $groups by name
 * @property \Illuminate\Database\Eloquent\Collection<int, User> $people whom it was given to singly, by name
 * @property \Illuminate\Database\Eloquent\Collection<int, Attempt> $attempts
 * @property \Illuminate\Database\Eloquent\Collection<int, Absence> $absences
 */
final class Assignment extends Model
{
    public $timestamps = false;

    protected $fillable = ['case_version_id', 'given_at', 'starts_at', 'ends_at', 'variation', 'preparation', 'tries', 'minutes_allowed', 'closed_room', 'handbook', 'paused_at', 'release', 'released_at', 'withdrawn_at', 'annulled_at', 'annulled_because'];

    protected $casts = ['given_at' => 'datetime', 'starts_at' => 'datetime', 'ends_at' => 'datetime', 'variation' => Variation::class, 'preparation' => 'array', 'tries' => 'integer', 'minutes_allowed' => 'integer', 'closed_room' => 'boolean', 'handbook' => 'boolean', 'paused_at' => 'datetime', 'release' => 'array', 'released_at' => 'datetime', 'withdrawn_at' => 'datetime', 'annulled_at' => 'datetime'];

    protected $attributes = ['variation' => 'same', 'preparation' => null, 'starts_at' => null, 'ends_at' => null, 'tries' => null, 'minutes_allowed' => null, 'closed_room' => false, 'handbook' => true, 'paused_at' => null, 'released_at' => null, 'withdrawn_at' => null, 'annulled_at' => null, 'annulled_because' => null];

    /** @return BelongsTo<CaseVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(CaseVersion::class, 'case_version_id');
    }

    /** @return BelongsToMany<Group, $this> */
    public function groups(): BelongsToMany
    {
        $relation = $this->belongsToMany(Group::class, 'recipients');
        $relation->orderBy('name');

        return $relation;
    }

    /** @return BelongsToMany<User, $this> */
    public function people(): BelongsToMany
    {
        $relation = $this->belongsToMany(User::class, 'recipients');
        $relation->orderBy('name');

        return $relation;
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }

    /**
     * @param  Builder<self>  $assignments  only those of a person: by name, or by a group of today
     */
    public static function to(Builder $assignments, User $person): void
    {
        $assignments->where(static fn (Builder $one): Builder => $one
            ->whereHas('groups', static fn (Builder $group): Builder => $group->whereIn('groups.id', $person->groupIds()))
            ->orWhereHas('people', static fn (Builder $named): Builder => $named->where('users.id', $person->id)));
    }

    /** @return Collection<int, User> every apprentice who has it today, once, by name */
    public function recipients(): Collection
    {
        $this->loadMissing(['groups.people', 'people']);

        return $this->groups->flatMap(static fn (Group $group) => $group->people->where('role', Role::Apprentice))->concat($this->people)->unique('id')->sortBy('name')->values();
    }

    /** @return HasMany<Absence, $this> */
    public function absences(): HasMany
    {
        return $this->hasMany(Absence::class);
    }

    public function release(): Release
    {
        return Release::read($this->getAttribute('release'));
    }

    public function hasStarted(): bool
    {
        return $this->starts_at === null || $this->starts_at->isPast();
    }

    public function hasEnded(): bool
    {
        return $this->ends_at?->isPast() === true;
    }
}
