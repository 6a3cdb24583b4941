<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The marks of a concluded attempt, as they were computed.
 *
 * @property array<string, mixed> $sheet
 * @property string $core_revision
 */
final class MarkSheetRecord extends Model
{
    public $timestamps = false;

    protected $table = 'mark_sheets';

    protected $fillable = ['attempt_id', 'sheet', 'core_revision', 'marked_at'];

    protected $casts = ['sheet' => 'array', 'marked_at' => 'datetime'];
}
