<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * Apprentices who learn together, with those who teach them.
 *
 * @property int $id
 * @property string $name
 * @property \Illuminate\Database\Eloquent\Collection<int, User> $people those of today, by name
 */
final class Group extends Model
{
    public $timestamps = false;

    protected $fillable = ['name'];

    /** @return BelongsToMany<User, $this> */
    public function people(): BelongsToMany
    {
        $relation = $this->belongsToMany(User::class, 'memberships')->wherePivotNull('left_at');
        $relation->orderBy('name');

        return $relation;
    }

    /** @return Builder<self> those a person answers for: an instructor's own, all for the administrator */
    public static function of(User $user): Builder
    {
        $groups = self::query()->orderBy('name');

        return $user->isAdministrator() ? $groups : $groups->whereIn('id', $user->groupIds());
    }
}
