<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What an apprentice says against a mark, in a sentence, and what was decided about it.
 *
 * @property int $id
 * @property int $attempt_id
 * @property string $text
 * @property \Illuminate\Support\Carbon $raised_at
 * @property ?bool $upheld null until it is decided
 * @property ?string $decision
 * @property ?\Illuminate\Support\Carbon $decided_at
 * @property ?User $decider
 */
final class Objection extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'text', 'raised_at', 'decided_by', 'upheld', 'decision', 'decided_at'];

    protected $casts = ['raised_at' => 'datetime', 'upheld' => 'boolean', 'decided_at' => 'datetime'];

    protected $attributes = ['decided_by' => null, 'upheld' => null, 'decision' => null, 'decided_at' => null];

    /** @return BelongsTo<User, $this> */
    public function decider(): BelongsTo
    {
        return $this->belongsTo(User::class, 'decided_by');
    }
}
