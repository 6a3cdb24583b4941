<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Lernfall\Revision;

/**
 * A question an apprentice put to the advice in practice. Asked again after the same step it is the same question.
 *
 * @property int $id
 * @property int $attempt_id
 * @property int $after_step
 * @property string $about "possible" or "next"
 * @property ?array<string, mixed> $answer null until a worker has worked it out
 * @property ?string $core_revision
 * @property ?\Illuminate\Support\Carbon $failed_at
 * @property Attempt $attempt
 */
final class Counsel extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'after_step', 'about', 'asked_at', 'answer', 'core_revision', 'failed_at'];

    protected $casts = ['answer' => 'array', 'failed_at' => 'datetime'];

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    /** @return ?array<string, mixed> what the present core says; null where that has not been worked out */
    public function answered(): ?array
    {
        return $this->core_revision === Revision::CURRENT ? $this->answer : null;
    }
}
