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
 * @property ?int $by_id whose it was, of two who work together; null: its apprentice's
 * @property ?float $shown_from seconds since 1970; null for what was answered at once
 */
final class AttemptAction extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'number', 'key', 'action', 'observation', 'minutes', 'money', 'core_revision', 'done_at', 'by_id', 'shown_from'];

    protected $casts = ['action' => 'array', 'observation' => 'array', 'done_at' => 'datetime', 'shown_from' => 'float'];

    public function isShownAt(float $seconds): bool
    {
        $from = $this->getRawOriginal('shown_from');

        return $from === null || (float) $from <= $seconds;
    }

    /** A column as it lies in the database. */
    public function stored(string $column): string
    {
        $text = $this->getRawOriginal($column);

        return is_string($text) ? $text : '';
    }
}
