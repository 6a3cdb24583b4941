<?php

declare(strict_types=1);

namespace App\Models;

use App\Accounts\LogKind;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that happened in the house.
 *
 * @property int $id
 * @property \Illuminate\Support\Carbon $at
 * @property LogKind $kind
 * @property ?int $user_id whoever did it; null where nobody is known
 * @property ?int $group_id of entries from when everybody was in one group
 * @property string $who a name; at the door the one that was typed
 * @property string $about
 * @property ?string $address
 */
final class LogEntry extends Model
{
    public $timestamps = false;

    protected $fillable = ['at', 'kind', 'user_id', 'who', 'about', 'address'];

    protected $casts = ['at' => 'datetime', 'kind' => LogKind::class];
}
