<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;

/** What is measured at the switches of the brakes, at rest and while somebody works them: volts behind a fed one, ohms to body at the others. */
final readonly class SwitchTests
{
    /** @return list<CandidateTest> */
    public static function of(Vehicle $vehicle): array
    {
        return Pads::ofSwitches($vehicle) === [] ? [] : array_map(self::test(...), $vehicle->brakeParts->switches());
    }

    private static function test(string $switch): CandidateTest
    {
        $function = Pads::isFedSwitch($switch) ? MeterFunction::VoltsDc : MeterFunction::Ohms;
        $measure = static fn (Meanwhile $meanwhile): Measure => new Measure($function, Pads::switchOut($switch), Pads::BODY, meanwhile: $meanwhile);
        $worked = $measure(new Meanwhile([Meanwhile::WORK.$switch]));

        return CandidateTest::further($switch === BrakeParts::STOP_LAMP_SWITCH ? 'stop-lamp-volts' : "ohms-$switch", [], [$measure(new Meanwhile), $worked], ['reading'])->ofTheWholeCar();
    }
}
