<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An instructor's own points for one criterion of an attempt, with the reason; without points, back to the computed ones.
 *
 * @property int $attempt_id
 * @property string $criterion
 * @property ?float $points
 * @property string $reason
 * @property \Illuminate\Support\Carbon $decided_at
 * @property User $instructor
 */
final class MarkOverride extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'instructor_id', 'criterion', 'points', 'reason', 'decided_at'];

    protected $casts = ['points' => 'float', 'decided_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function instructor(): BelongsTo
    {
        return $this->belongsTo(User::class, 'instructor_id');
    }
}
