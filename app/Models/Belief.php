<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What was still possible in an attempt after a step. For its instructor's eyes.
 *
 * @property int $attempt_id
 * @property int $step
 * @property int $open faults by kind and place
 * @property list<array{faults: list<array{kind: string, channel: string}>, chance: float}> $foremost
 */
final class Belief extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'step', 'open', 'foremost', 'core_revision'];

    protected $casts = ['foremost' => 'array'];
}
