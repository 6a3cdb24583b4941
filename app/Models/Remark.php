<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What an instructor says to all who work an assignment, or to one of them.
 *
 * @property int $id
 * @property int $assignment_id
 * @property ?int $attempt_id null: to all
 * @property string $text
 * @property \Illuminate\Support\Carbon $said_at
 * @property User $author
 */
final class Remark extends Model
{
    public $timestamps = false;

    protected $fillable = ['assignment_id', 'attempt_id', 'author_id', 'text', 'said_at'];

    protected $casts = ['said_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function author(): BelongsTo
    {
        return $this->belongsTo(User::class, 'author_id');
    }

    /** @return Builder<self> the oldest first: to this apprentice alone, or to all while they were at work */
    public static function to(Attempt $attempt): Builder
    {
        return self::query()->with('author')->where('assignment_id', $attempt->assignment_id ?? 0)->orderBy('id')
            ->where(static fn (Builder $one): Builder => $one->where('attempt_id', $attempt->id)->orWhere(static fn (Builder $all): Builder => $all->whereNull('attempt_id')
                ->where('said_at', '>=', $attempt->started_at)->where('said_at', '<=', $attempt->concluded_at ?? now())));
    }
}
