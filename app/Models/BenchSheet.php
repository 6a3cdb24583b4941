<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What lies on somebody's bench and has not been kept: fields of a case, in whatever state.
 *
 * @property int $id
 * @property int $user_id
 * @property ?int $case_draft_id null for a new case
 * @property array<string, mixed> $fields
 * @property \Illuminate\Support\Carbon $laid_at
 */
final class BenchSheet extends Model
{
    public $timestamps = false;

    protected $fillable = ['user_id', 'case_draft_id', 'fields', 'laid_at'];

    protected $casts = ['fields' => 'array', 'laid_at' => 'datetime'];
}
