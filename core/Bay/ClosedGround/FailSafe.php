<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Module\Control\SlipDuty;
use Lernfall\Road\Corners;

/** What the module of a car does for its braked wheels as it is now: all, part of it, or nothing. */
final readonly class FailSafe
{
    /** Null where it does nothing. */
    public static function duty(Car $car, Corners $corners): ?SlipDuty
    {
        $design = $car->vehicle->model->build->slipControl;
        $lamps = new LampWork;

        return match (true) {
            $lamps->isControlling($car) => SlipDuty::whole($design),
            $lamps->isDistributing($car) => SlipDuty::sharing($design, array_keys(array_intersect($corners->ids, $car->state->memory->failing($corners->ids)))),
            default => null,
        };
    }
}
