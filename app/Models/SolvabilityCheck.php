<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUuids;
use Illuminate\Database\Eloquent\Model;

/**
 * Whether a case as it lay on the bench can be solved: asked, under way, or found.
 *
 * @property string $id
 * @property int $instructor_id
 * @property array<string, mixed> $document the case
 * @property int $done
 * @property int $of none while it waits for the worker
 * @property ?array<string, mixed> $found
 * @property bool $failed
 * @property \Illuminate\Support\Carbon $asked_at
 */
final class SolvabilityCheck extends Model
{
    use HasUuids;

    public $timestamps = false;

    protected $fillable = ['instructor_id', 'document', 'done', 'of', 'found', 'failed', 'asked_at'];

    protected $casts = ['document' => 'array', 'found' => 'array', 'failed' => 'boolean', 'asked_at' => 'datetime'];
}
