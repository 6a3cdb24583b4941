<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Supply;
use Lernfall\Vehicle\Vehicle;

/** Faults of what feeds the module, and the module as a whole. */
final readonly class SupplyFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            FaultKind::ofTheWholeCar('fuse-blown', 'supply', 'fuse-blown', 'none', static fn (Vehicle $vehicle): Vehicle => $vehicle->withFeed($vehicle->power->feed->withFuse(true))),
            FaultKind::ofTheWholeCar('relay-burnt', 'supply', 'relay', 'ohms', static fn (Vehicle $vehicle, float $ohms): Vehicle => $vehicle->withFeed($vehicle->power->feed->withRelay($ohms))),
            FaultKind::ofTheWholeCar('ground-rusty', 'supply', 'ground', 'ohms', static fn (Vehicle $vehicle, float $ohms): Vehicle => $vehicle->withFeed($vehicle->power->feed->withRust($ohms))),
            // flat and not charged: with the engine running it is no better
            FaultKind::ofTheWholeCar('battery-flat', 'supply', 'battery', 'volts', static fn (Vehicle $vehicle, float $volts): Vehicle => $vehicle->withSupply(
                new Supply($volts, $volts, $vehicle->power->supply->internalOhms, $vehicle->power->supply->cranksFromVolts),
            )),
            FaultKind::ofTheWholeCar('module-dead', 'module', 'dead', 'none', static fn (Vehicle $vehicle): Vehicle => $vehicle->withModule($vehicle->module->dead(true))),
        ];
    }
}
