<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who signed in somewhere.
 *
 * @property int $id
 * @property int $user_id
 * @property string $address
 * @property \Illuminate\Support\Carbon $began_at
 * @property \Illuminate\Support\Carbon $seen_at to the minute
 * @property ?\Illuminate\Support\Carbon $ended_at signed out, or ended by somebody
 * @property User $user
 */
final class SignIn extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'address', 'began_at', 'seen_at', 'ended_at'];

    protected $casts = ['began_at' => 'datetime', 'seen_at' => 'datetime', 'ended_at' => 'datetime'];

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
