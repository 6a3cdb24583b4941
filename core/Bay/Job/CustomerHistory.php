<?php

declare(strict_types=1);

namespace Lernfall\Bay\Job;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Drive\Route;
use Lernfall\Vehicle\Channel;

/**
 * A car as it comes in: its owner has driven it the usual way, what comes and goes has shown itself, and the module has
 * noticed what it notices. On the way to the workshop it did not show again. What its fault has done to other parts on the way
 * is done. Then the car was parked and has cooled down.
 */
final readonly class CustomerHistory
{
    public static function of(Car $parked): Car
    {
        $running = Branch::likeliest((new KeyWork)->turn($parked, Ignition::Running))->car;
        $shown = Branch::likeliest((new DrivingWork(acts: true))->roadTest($running, Route::Usual))->car;
        $comesAndGoes = array_filter($parked->vehicle->channels, static fn (Channel $channel): bool => $channel->acting !== null) !== [];
        $driven = $comesAndGoes ? Branch::likeliest((new DrivingWork(acts: false))->roadTest($shown, Route::Straight))->car : $shown;

        return $parked->withVehicle($driven->vehicle)->in($parked->state->remembering($driven->state->memory)->withSettled($driven->state->record->settled))->arriving();
    }
}
