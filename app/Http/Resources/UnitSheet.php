<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Vehicle\Vehicle;

/** What the maker's sheet says of the hydraulic unit. */
final readonly class UnitSheet
{
    /** @return ?array<string, mixed> null where the car has none with pads */
    public static function of(Vehicle $sound): ?array
    {
        $unit = $sound->brakeParts->unit;
        if ($unit === null) {
            return null;
        }
        $windings = $amperes = [];
        foreach ($unit->wiring->coils as $valve => $coil) {
            $kind = substr((string) strrchr((string) $valve, '.'), 1);
            $windings[$kind] = $coil->ohms;
            $amperes[$kind] = array_values(array_filter($coil->drivenAmperes, is_finite(...)));
        }
        $feed = $unit->wiring->pump;
        $ohms = $unit->wiring->motor->ohms + 2.0 * ($feed->wireOhms + $feed->contactOhms) + $unit->wiring->groundOhms + $sound->power->supply->internalOhms;

        return ['windings' => (object) $windings, 'amperes' => (object) array_filter($amperes), 'motorAmperes' => round($sound->power->supply->batteryVolts / $ohms, 1), 'bleedingOrder' => $unit->design->bleedingOrder];
    }
}
