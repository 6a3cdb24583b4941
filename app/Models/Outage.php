<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A time in which this machine did not answer.
 *
 * @property \Illuminate\Support\Carbon $began_at
 * @property \Illuminate\Support\Carbon $ended_at
 */
final class Outage extends Model
{
    public $timestamps = false;

    protected $fillable = ['began_at', 'ended_at'];

    protected $casts = ['began_at' => 'datetime', 'ended_at' => 'datetime'];
}
