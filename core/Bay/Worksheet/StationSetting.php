<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Vehicle\Vehicle;

/** A station of the path, and where it can be. */
final readonly class StationSetting
{
    /** @throws UnfitAction */
    public static function check(Vehicle $vehicle, string $channel, string $station): void
    {
        SettingRange::known('station', $station, array_keys(Vocabulary::DEFECTS));
        SettingRange::known('channel', $channel, in_array($station, ['module', ...Vocabulary::OFF_THE_PATH], true) ? [...$vehicle->channelIds(), Vehicle::WHOLE] : $vehicle->channelIds());
    }
}
