<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who has asked to be let into a group: one who is on its list and never signed in, or somebody new.
 *
 * @property int $id
 * @property int $group_id
 * @property ?int $user_id on the list; or since let in
 * @property string $name
 * @property string $sign_in
 * @property string $password hashed
 * @property string $token of whoever asked, hashed
 * @property \Illuminate\Support\Carbon $asked_at
 * @property ?\Illuminate\Support\Carbon $let_in_at
 * @property ?\Illuminate\Support\Carbon $refused_at
 * @property Group $group
 * @property ?User $user
 */
final class JoinRequest extends Model
{
    public $timestamps = false;

    protected $fillable = ['group_id', 'user_id', 'name', 'sign_in', 'password', 'token', 'asked_at', 'let_in_at', 'refused_at'];

    protected $hidden = ['password', 'token'];

    protected $casts = ['asked_at' => 'datetime', 'let_in_at' => 'datetime', 'refused_at' => 'datetime'];

    protected $attributes = ['let_in_at' => null, 'refused_at' => null];

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }
}
