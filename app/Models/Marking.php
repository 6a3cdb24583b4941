<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * That the marks of a closed job are to be worked out, and who is at it.
 *
 * @property int $attempt_id
 * @property \Illuminate\Support\Carbon $asked_at
 * @property ?\Illuminate\Support\Carbon $claimed_at
 * @property ?string $claimed_by the worker, as Workers names it
 * @property ?\Illuminate\Support\Carbon $failed_at
 */
final class Marking extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'asked_at', 'claimed_at', 'claimed_by', 'failed_at'];

    protected $casts = ['asked_at' => 'datetime', 'claimed_at' => 'datetime', 'failed_at' => 'datetime'];
}
