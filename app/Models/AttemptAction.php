<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One action of an attempt with what it showed. Never changed, never deleted.
 *
 * @property int $attempt_id
 * @property int $number
 * @property string $key
 * @property array<string, mixed> $action
 * @property array<string, mixed> $observation
 * @property float $minutes
 * @property float $money
 * @property \Illuminate\Support\Carbon $done_at
 */
final class AttemptAction extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'number', 'key', 'action', 'observation', 'minutes', 'money', 'core_revision', 'done_at'];

    protected $casts = ['action' => 'array', 'observation' => 'array', 'done_at' => 'datetime'];
}
