<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * One step of the school's table.
 *
 * @property float $from_percent of the points there are
 * @property string $grade
 */
final class Grade extends Model
{
    public $timestamps = false;

    protected $fillable = ['from_percent', 'grade'];

    protected $casts = ['from_percent' => 'float'];
}
