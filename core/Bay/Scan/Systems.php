<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scan;

use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Vehicle\Vehicle;

/** The systems a scan tool lists for a car. */
final readonly class Systems
{
    /** @throws UnfitAction */
    public static function check(Vehicle $vehicle, string $system): void
    {
        SettingRange::known('system', $system, [ReadCodes::BRAKES, ...array_map(strval(...), array_keys($vehicle->model->systems))]);
    }
}
