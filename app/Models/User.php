<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * An administrator, an instructor or an apprentice.
 *
 * @property int $id
 * @property int $group_id
 * @property string $sign_in
 * @property string $name
 * @property Role $role
 * @property string $password hashed
 * @property bool $chooses_password signed in with one for once, and has to choose an own one
 * @property Group $group
 */
final class User extends Authenticatable
{
    protected $fillable = ['group_id', 'sign_in', 'name', 'role', 'password', 'chooses_password'];

    protected $hidden = ['password'];

    protected $casts = ['role' => Role::class, 'password' => 'hashed', 'chooses_password' => 'boolean'];

    protected $attributes = ['chooses_password' => false];

    /** Nobody stays signed in beyond the session, so there is no token to keep. */
    protected $rememberTokenName = '';

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }

    public function isInstructor(): bool
    {
        return $this->role === Role::Instructor;
    }

    public function isAdministrator(): bool
    {
        return $this->role === Role::Administrator;
    }
}
