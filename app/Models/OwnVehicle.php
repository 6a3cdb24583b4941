<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A car of an instructor's own: a built-in one with other values.
 *
 * @property int $id
 * @property int $instructor_id
 * @property string $base id of the built-in one
 * @property string $name as it stands on the job
 * @property array<string, bool|float|int|string> $car_values by JSON pointer
 * @property list<array{route: string, channel: string, failure: string}> $alarms codes it sets with nothing wrong; with any it is not used
 */
final class OwnVehicle extends Model
{
    protected $fillable = ['instructor_id', 'base', 'name', 'car_values', 'alarms'];

    protected $casts = ['car_values' => 'array', 'alarms' => 'array'];
}
