<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Foundation\Auth\User as Authenticatable;

/**
 * An administrator, an instructor or an apprentice.
 *
 * @property int $id
 * @property string $sign_in
 * @property string $name
 * @property Role $role
 * @property string $password hashed; of nobody while there is one for once
 * @property ?string $for_once a password for once, encrypted: it can be shown until it has been used
 * @property bool $chooses_password signed in with one for once, and has to choose an own one
 * @property string $decimal_sign how they want numbers written; empty: as the language has it
 * @property bool $larger_type
 * @property string $theme light or dark; empty: as the browser asks for it
 * @property bool $pictures_described is told in words what a picture shows, in examinations as well; seen by instructors alone
 * @property int $extra_time_percent what is added to the time of a job; seen by instructors alone
 * @property \Illuminate\Database\Eloquent\Collection<int, Group> $groups those of today, by name
 */
final class User extends Authenticatable
{
    protected $fillable = ['sign_in', 'name', 'role', 'password', 'for_once', 'chooses_password', 'extra_time_percent', 'pictures_described', 'decimal_sign', 'larger_type', 'theme'];

    protected $hidden = ['password', 'for_once'];

    protected $casts = ['role' => Role::class, 'password' => 'hashed', 'chooses_password' => 'boolean', 'larger_type' => 'boolean', 'pictures_described' => 'boolean'];

    protected $attributes = ['chooses_password' => false, 'for_once' => null, 'extra_time_percent' => 0, 'pictures_described' => false, 'decimal_sign' => '', 'larger_type' => false, 'theme' => ''];

    /** Nobody stays signed in beyond the session, so there is no token to keep. */
    protected $rememberTokenName = '';

    /** @return BelongsToMany<Group, $this> */
    public function groups(): BelongsToMany
    {
        $relation = $this->belongsToMany(Group::class, 'memberships')->wherePivotNull('left_at');
        $relation->orderBy('name');

        return $relation;
    }

    /** @return list<int> of the groups of today */
    public function groupIds(): array
    {
        return array_values($this->loadMissing('groups')->groups->modelKeys());
    }

    /** Whether the two are in a group together. */
    public function shares(self $other): bool
    {
        return array_intersect($this->groupIds(), $other->groupIds()) !== [];
    }

    /**
     * @param  Builder<self>  $people
     * @param  list<int>  $groups
     */
    public static function onlyIn(Builder $people, array $groups): void
    {
        $people->whereHas('groups', static fn (Builder $one): Builder => $one->whereIn('groups.id', $groups));
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
