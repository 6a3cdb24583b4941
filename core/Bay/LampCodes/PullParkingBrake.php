<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Contract\CarAction;

/** Pulls the parking brake, which whoever drives off releases again. */
final readonly class PullParkingBrake implements CarAction
{
    public function name(): string
    {
        return 'parking-brake';
    }

    public function rate(): string
    {
        return 'parking-brake';
    }

    public function question(): string
    {
        return 'parking-brake';
    }
}
