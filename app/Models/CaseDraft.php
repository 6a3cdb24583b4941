<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasManyThrough;

/**
 * A case on an instructor's bench.
 *
 * @property int $id
 * @property int $instructor_id
 * @property array<string, mixed> $document
 * @property list<string> $goals what it is to teach
 * @property ?\Illuminate\Support\Carbon $archived_at since when it is put away
 * @property \Illuminate\Support\Carbon $updated_at
 * @property \Illuminate\Database\Eloquent\Collection<int, CaseVersion> $versions
 * @property \Illuminate\Database\Eloquent\Collection<int, Assignment> $assignments the oldest first
 */
final class CaseDraft extends Model
{
    protected $fillable = ['instructor_id', 'document', 'goals', 'archived_at'];

    protected $casts = ['document' => 'array', 'goals' => 'array', 'archived_at' => 'datetime'];

    protected $attributes = ['goals' => '[]', 'archived_at' => null];

    /** @return BelongsTo<User, $this> */
    public function instructor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'instructor_id');
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
