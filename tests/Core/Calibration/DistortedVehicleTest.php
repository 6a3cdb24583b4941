<?php

declare(strict_types=1);

namespace Tests\Core\Calibration;

use Lernfall\Calibration\DistortedVehicle;
use Lernfall\Chance\Draw;
use Lernfall\Format\VehicleReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

final class DistortedVehicleTest extends TestCase
{
    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['brack-22'])]
    #[TestWith(['mirl-10'])]
    #[TestWith(['ostrel-t2'])]
    public function test_the_input_of_every_channel_has_other_limits_and_the_car_is_still_one(string $id): void
    {
        $document = (array) Workbench::json("core/Vehicle/BuiltIn/$id.json");
        $distorted = VehicleReader::read(DistortedVehicle::of($document, new Draw('a')));

        foreach (VehicleReader::read($document)->channels as $channel) {
            self::assertNotEquals($channel->moduleEnd->input, $distorted->channel($channel->id)->moduleEnd->input, $channel->id);
        }
    }

    public function test_every_limit_it_names_stands_in_some_vehicle(): void
    {
        $names = [];
        foreach (glob(dirname(__DIR__, 3).'/core/Vehicle/BuiltIn/*.json') ?: [] as $file) {
            preg_match_all('~"(\w+)":~', (string) file_get_contents($file), $found);
            array_push($names, ...$found[1]);
        }

        self::assertSame([], array_diff(DistortedVehicle::LIMITS, $names));
    }
}
