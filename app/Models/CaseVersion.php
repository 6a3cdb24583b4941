<?php

declare(strict_types=1);

namespace App\Models;

use App\Attempts\Release;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A case as it was published, frozen.
 *
 * @property int $id
 * @property int $case_draft_id
 * @property int $group_id
 * @property int $number
 * @property string $document canonical JSON, the vehicle in it
 * @property string $sha256
 * @property \Illuminate\Support\Carbon $published_at
 * @property ?\Illuminate\Support\Carbon $released_at when the instructor opened its reports
 * @property ?\Illuminate\Support\Carbon $withdrawn_at since when nobody can start it any more
 * @property CaseDraft $draft
 * @property Group $group whom it was given to
 * @property \Illuminate\Database\Eloquent\Collection<int, Attempt> $attempts
 */
final class CaseVersion extends Model
{
    public $timestamps = false;

    protected $fillable = ['case_draft_id', 'group_id', 'number', 'document', 'sha256', 'published_at', 'release', 'released_at', 'withdrawn_at'];

    protected $casts = ['published_at' => 'datetime', 'release' => 'array', 'released_at' => 'datetime', 'withdrawn_at' => 'datetime'];

    /** @return BelongsTo<CaseDraft, $this> */
    public function draft(): BelongsTo
    {
        return $this->belongsTo(CaseDraft::class, 'case_draft_id');
    }

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }

    public function release(): Release
    {
        return Release::read($this->getAttribute('release'));
    }

    /** @return array<string, mixed> */
    public function decoded(): array
    {
        return json_decode($this->document, true, 64, JSON_THROW_ON_ERROR);
    }
}
