<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Somebody who was asked to work a job together with its apprentice, and since when they do.
 *
 * @property int $id
 * @property int $attempt_id
 * @property int $partner_id
 * @property bool $partner_at_car the other one of the two writes the card
 * @property \Illuminate\Support\Carbon $asked_at
 * @property ?\Illuminate\Support\Carbon $joined_at null: asked, and has not answered
 * @property User $partner
 * @property Attempt $attempt
 */
final class Pairing extends Model
{
    public $timestamps = false;

    protected $fillable = ['attempt_id', 'partner_id', 'partner_at_car', 'asked_at', 'joined_at'];

    protected $casts = ['partner_at_car' => 'boolean', 'asked_at' => 'datetime', 'joined_at' => 'datetime'];

    protected $attributes = ['partner_at_car' => false, 'joined_at' => null];

    /** @return BelongsTo<User, $this> */
    public function partner(): BelongsTo
    {
        return $this->belongsTo(User::class, 'partner_id');
    }

    /** @return BelongsTo<Attempt, $this> */
    public function attempt(): BelongsTo
    {
        return $this->belongsTo(Attempt::class);
    }

    /** Of the two, whose place is at the car: they do all that is done there, the other one writes. */
    public function isAtCar(User $user): bool
    {
        return ($user->id === $this->partner_id) === $this->partner_at_car;
    }
}
