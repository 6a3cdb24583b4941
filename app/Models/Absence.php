<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * Somebody who was away when an assignment was worked, or is excused from it, or was interrupted; who has begun it all the same and was not interrupted has worked it.
 *
 * @property int $id
 * @property int $assignment_id
 * @property int $user_id
 * @property string $kind "absent", "excused", or "interrupted": what was begun could not be finished
 */
final class Absence extends Model
{
    public const KINDS = ['absent', 'excused', 'interrupted'];

    public $timestamps = false;

    protected $fillable = ['assignment_id', 'user_id', 'kind', 'noted_by', 'noted_at'];
}
