<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A class of apprentices with its instructor.
 *
 * @property int $id
 * @property string $name
 */
final class Group extends Model
{
    public $timestamps = false;

    protected $fillable = ['name'];
}
