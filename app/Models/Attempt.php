<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;

/**
 * One apprentice at one published case, for the first time or again.
 *
 * @property int $id
 * @property int $case_version_id
 * @property ?int $assignment_id of which it is the job
 * @property int $number which of this apprentice's jobs of the assignment
 * @property int $apprentice_id
 * @property string $seed never leaves the server
 * @property \Illuminate\Support\Carbon $started_at
 * @property ?\Illuminate\Support\Carbon $concluded_at
 * @property ?\Illuminate\Support\Carbon $confirmed_at since when its mark counts; of an examination
 * @property ?int $confirmed_by
 * @property ?\Illuminate\Support\Carbon $help_wanted_at since when its apprentice asks for help
 * @property ?string $closed_by "time" where its time was over, "instructor" where it was set aside; null: by its apprentice
 * @property ?Objection $objection
 * @property ?Pairing $pairing with whom it is worked, or who was asked
 * @property CaseVersion $version
 * @property ?Assignment $assignment
 * @property User $apprentice
 * @property \Illuminate\Database\Eloquent\Collection<int, AttemptAction> $actions
 * @property ?MarkSheetRecord $markSheet
 * @property ?AttemptCheck $check what the present core would show otherwise, where that was looked for
 * @property ?Belief $belief after the newest step that was followed
 * @property \Illuminate\Database\Eloquent\Collection<int, MarkOverride> $overrides oldest first
 */
final class Attempt extends Model
{
    public $timestamps = false;

    protected $fillable = ['case_version_id', 'assignment_id', 'apprentice_id', 'number', 'seed', 'started_at', 'concluded_at', 'confirmed_at', 'confirmed_by', 'help_wanted_at', 'closed_by'];

    protected $attributes = ['number' => 1, 'concluded_at' => null, 'confirmed_at' => null, 'confirmed_by' => null, 'help_wanted_at' => null, 'closed_by' => null];

    protected $casts = ['started_at' => 'datetime', 'concluded_at' => 'datetime', 'confirmed_at' => 'datetime', 'help_wanted_at' => 'datetime'];

    /** @return BelongsTo<CaseVersion, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(CaseVersion::class, 'case_version_id');
    }

    /** @return BelongsTo<Assignment, $this> */
    public function assignment(): BelongsTo
    {
        return $this->belongsTo(Assignment::class);
    }

    /** @return BelongsTo<User, $this> */
    public function apprentice(): BelongsTo
    {
        return $this->belongsTo(User::class, 'apprentice_id');
    }

    /** @return HasMany<AttemptAction, $this> */
    public function actions(): HasMany
    {
        $relation = $this->hasMany(AttemptAction::class);
        $relation->orderBy('number');

        return $relation;
    }

    /** The action its sender gave this name. */
    public function entry(string $key): ?AttemptAction
    {
        return $this->actions->first(static fn (AttemptAction $one): bool => $one->stored('key') === $key);
    }

    /** @return HasOne<MarkSheetRecord, $this> */
    public function markSheet(): HasOne
    {
        return $this->hasOne(MarkSheetRecord::class);
    }

    /** @return HasOne<Objection, $this> */
    public function objection(): HasOne
    {
        return $this->hasOne(Objection::class);
    }

    /** @return HasOne<Pairing, $this> */
    public function pairing(): HasOne
    {
        return $this->hasOne(Pairing::class);
    }

    /** Those who work it together; null where it is worked alone. */
    public function pair(): ?Pairing
    {
        $pairing = $this->loadMissing('pairing')->pairing;

        return $pairing?->joined_at === null ? null : $pairing;
    }

    public function isWorkedBy(User $user): bool
    {
        return $this->apprentice_id === $user->id || $this->pair()?->partner_id === $user->id;
    }

    /**
     * @param  Builder<self>  $attempts  only those of a person, alone or as one of two
     */
    public static function of(Builder $attempts, User $person): void
    {
        $attempts->where(static fn (Builder $one): Builder => $one->where('apprentice_id', $person->id)
            ->orWhereIn('attempts.id', Pairing::query()->where('partner_id', $person->id)->whereNotNull('joined_at')->select('attempt_id')));
    }

    /** @return HasOne<AttemptCheck, $this> */
    public function check(): HasOne
    {
        return $this->hasOne(AttemptCheck::class);
    }

    /** @return HasOne<Belief, $this> */
    public function belief(): HasOne
    {
        return $this->hasOne(Belief::class)->latestOfMany('step');
    }

    /** @return HasMany<Concession, $this> */
    public function concessions(): HasMany
    {
        return $this->hasMany(Concession::class);
    }

    /** @return HasMany<MarkOverride, $this> */
    public function overrides(): HasMany
    {
        $relation = $this->hasMany(MarkOverride::class);
        $relation->orderBy('id');

        return $relation;
    }
}
