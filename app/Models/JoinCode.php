<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * What a class types to ask to be let into its group.
 *
 * @property int $id
 * @property int $group_id
 * @property string $code
 * @property \Illuminate\Support\Carbon $ends_at
 * @property Group $group
 */
final class JoinCode extends Model
{
    public $timestamps = false;

    protected $fillable = ['group_id', 'code', 'ends_at'];

    protected $casts = ['ends_at' => 'datetime'];

    /** @return BelongsTo<Group, $this> */
    public function group(): BelongsTo
    {
        return $this->belongsTo(Group::class);
    }
}
