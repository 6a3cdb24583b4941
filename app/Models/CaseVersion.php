<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A case as it was published, frozen; or a variant of that for one assignment.
 *
 * @property int $id
 * @property int $case_draft_id
 * @property int $number
 * @property int $variant 0 for the case as it was composed
 * @property string $document canonical JSON, the vehicle in it
 * @property string $sha256
 * @property \Illuminate\Support\Carbon $published_at
 * @property CaseDraft $draft
 * @property \Illuminate\Database\Eloquent\Collection<int, Attempt> $attempts
 */
final class CaseVersion extends Model
{
    public $timestamps = false;

    protected $fillable = ['case_draft_id', 'number', 'variant', 'variant_for', 'document', 'sha256', 'published_at'];

    protected $attributes = ['variant' => 0, 'variant_for' => null];

    protected $casts = ['published_at' => 'datetime'];

    /** @return BelongsTo<CaseDraft, $this> */
    public function draft(): BelongsTo
    {
        return $this->belongsTo(CaseDraft::class, 'case_draft_id');
    }

    /** @return HasMany<Assignment, $this> */
    public function assignments(): HasMany
    {
        return $this->hasMany(Assignment::class);
    }

    /** @return HasMany<Attempt, $this> */
    public function attempts(): HasMany
    {
        return $this->hasMany(Attempt::class);
    }

    /** @return array<string, mixed> */
    public function decoded(): array
    {
        return json_decode($this->document, true, 64, JSON_THROW_ON_ERROR);
    }

    /** Advice may be asked, and it gives no mark. */
    public function isPractice(): bool
    {
        return ($this->decoded()['practice'] ?? false) === true;
    }
}
