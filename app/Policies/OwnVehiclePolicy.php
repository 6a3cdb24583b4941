<?php

declare(strict_types=1);

namespace App\Policies;

use App\Models\OwnVehicle;
use App\Models\User;

/** Instructors build cars for their own cases. */
final class OwnVehiclePolicy
{
    public function build(User $user): bool
    {
        return $user->isInstructor();
    }

    public function change(User $user, OwnVehicle $vehicle): bool
    {
        return $user->isInstructor() && $vehicle->instructor_id === $user->id;
    }
}
