<?php

declare(strict_types=1);

namespace Lernfall\Bay\Probing;

use Lernfall\Bay\Car\Car;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\PadSide;

/** Where a lead gets to. */
final readonly class PadAccess
{
    /**
     * The module's own pins lie inside the housing while its plug is joined, unless a breakout lead brings them out.
     * Everything else can be back-probed. The bench supply's terminals are there once it is connected.
     */
    public static function allows(Car $car, Pad $pad): bool
    {
        if ($pad->isBench()) {
            return $car->state->connections->bench !== null;
        }
        if (! $pad->onPlug || $pad->side === PadSide::Wheel) {
            return true;
        }
        $plugId = $car->vehicle->channel($pad->channel)->plug($pad->plugName)->plugId;

        return $plugId !== $car->vehicle->module->plugId || $car->state->isOpen($plugId) || $car->state->connections->breakout;
    }
}
