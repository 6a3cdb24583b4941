<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What the present core would show or mark otherwise in an attempt. What was shown and marked then stays.
 *
 * @property int $attempt_id
 * @property list<int> $steps numbers of steps that would show something else
 * @property list<string> $marks parts of the mark sheet that would come out otherwise
 * @property string $core_revision
 * @property \Illuminate\Support\Carbon $checked_at
 */
final class AttemptCheck extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'steps', 'marks', 'core_revision', 'checked_at'];

    protected $casts = ['steps' => 'array', 'marks' => 'array', 'checked_at' => 'datetime'];

    public function differs(): bool
    {
        return $this->steps !== [] || $this->marks !== [];
    }
}
