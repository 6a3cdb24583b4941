<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;

/**
 * A case on an instructor's bench.
 *
 * @property int $id
 * @property int $instructor_id
 * @property array<string, mixed> $document
 * @property list<string> $goals what it is to teach
 * @property string $difficulty one of DIFFICULTIES
 * @property ?\Illuminate\Support\Carbon $archived_at since when it is put away
 * @property \Illuminate\Support\Carbon $updated_at
 * @property ?int $changed_by
 * @property User $instructor who made it
 * @property ?User $editor
 * @property \Illuminate\Database\Eloquent\Collection<int, User> $holders the other instructors it belongs to
 * @property \Illuminate\Database\Eloquent\Collection<int, CaseVersion> $versions
 * @property \Illuminate\Database\Eloquent\Collection<int, Assignment> $assignments the oldest first
 */
final class CaseDraft extends Model
{
    /** As its instructor takes it to be; empty: nobody has said. */
    public const DIFFICULTIES = ['', 'easy', 'middling', 'hard'];

    protected $fillable = ['instructor_id', 'document', 'goals', 'archived_at', 'changed_by', 'difficulty'];

    protected $casts = ['document' => 'array', 'goals' => 'array', 'archived_at' => 'datetime'];

    protected $attributes = ['goals' => '[]', 'archived_at' => null, 'changed_by' => null, 'difficulty' => ''];

    /** @return BelongsTo<User, $this> */
    public function instructor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'instructor_id');
    }

    /** @return BelongsToMany<User, $this> */
    public function holders(): BelongsToMany
    {
        return $this->belongsToMany(User::class, 'case_shares');
    }

    /** @return BelongsTo<User, $this> who changed it last */
    public function editor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'changed_by');
    }

    /** Made by an instructor, or shared with them. */
    public function isHeldBy(User $user): bool
    {
        return $user->isInstructor() && ($this->instructor_id === $user->id || $this->holders()->whereKey($user->id)->exists());
    }

    /** @return Builder<self> of an instructor */
    public static function of(User $instructor): Builder
    {
        return self::query()->where(static fn (Builder $one): Builder => $one->where('instructor_id', $instructor->id)->orWhereHas('holders', static fn (Builder $holder): Builder => $holder->whereKey($instructor->id)));
    }

    /** Changes with every word of it: by that two who work on it at once are told. */
    public function edition(): string
    {
        return hash('sha256', json_encode($this->document, JSON_THROW_ON_ERROR));
    }

    /** @return HasMany<CaseVersion, $this> */
    public function versions(): HasMany
    {
        $relation = $this->frozen()->where('variant', 0);
        $relation->orderBy('number');

        return $relation;
    }

    /** @return HasMany<CaseVersion, $this> the versions and their variants */
    public function frozen(): HasMany
    {
        return $this->hasMany(CaseVersion::class);
    }

    /** Advice may be asked, and it gives no mark. */
    public function isPractice(): bool
    {
        return ($this->document['practice'] ?? false) === true;
    }

    /** @return HasManyThrough<Assignment, CaseVersion, $this> */
    public function assignments(): HasManyThrough
    {
        $relation = $this->hasManyThrough(Assignment::class, CaseVersion::class);
        $relation->orderBy('assignments.id');

        return $relation;
    }
}
