<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A question an apprentice put to the advice in practice. Asked again after the same step it is the same question.
 *
 * @property int $attempt_id
 * @property int $after_step
 * @property string $about "possible" or "next"
 */
final class Counsel extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'after_step', 'about', 'asked_at'];
}
