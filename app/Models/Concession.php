<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What one job was given beside its terms, and why.
 *
 * @property int $id
 * @property int $attempt_id
 * @property string $kind
 * @property int $seconds of time
 * @property string $reason
 * @property ?int $given_by
 */
final class Concession extends Model
{
    public const TIME = 'time';

    public const PAUSE = 'pause';

    public const REOPENED = 'reopened';

    public const FRESH_CAR = 'fresh-car';

    public $timestamps = false;

    protected $fillable = ['attempt_id', 'kind', 'seconds', 'reason', 'given_by', 'given_at'];

    protected $casts = ['given_at' => 'datetime', 'seconds' => 'integer'];

    protected $attributes = ['seconds' => 0, 'reason' => '', 'given_by' => null];
}
