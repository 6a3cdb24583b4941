<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Circuit\UnitCircuit;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;

/** What is measured with the meter at the hydraulic unit: windings with the key off, and under load what arrives and what is lost on the way. */
final readonly class UnitTests
{
    /** @return list<CandidateTest> the windings of a corner's valves, and at the front those of its circuit */
    public static function of(Vehicle $vehicle, Channel $channel): array
    {
        $unit = $vehicle->brakeParts->unit;
        if ($unit === null || $unit->design->isIntegrated) {
            return [];
        }
        $circuit = $channel->place->axle === 'front' ? $unit->hydraulics->wheels[$channel->id]->circuit ?? '' : '';
        $tests = [];
        foreach (array_keys([...$unit->coilsOf($channel->id), ...$unit->coilsOf($circuit)]) as $valve) {
            $kind = substr((string) strrchr($valve, '.'), 1);
            $tests[] = CandidateTest::further("ohms-winding-$kind", [], [new Measure(MeterFunction::Ohms, UnitCircuit::VALVE_SUPPLY, UnitCircuit::coilEnd($valve))], ['reading'])->ofTheUnit();
        }

        return $tests;
    }

    /** @return list<CandidateTest> */
    public static function ofTheWholeCar(Vehicle $vehicle): array
    {
        $unit = $vehicle->brakeParts->unit;
        $channels = BrakeParts::channelsOf($vehicle->brakeParts->ids());
        if ($unit === null) {
            return [];
        }
        [$valves, $pump] = Pads::UNIT_FEEDS;
        $reduced = static fn (int $many): Meanwhile => new Meanwhile(array_map(static fn (string $channel): string => Modulation::Reduce->value.".$channel", array_slice($channels, 0, $many)));
        $volts = static fn (string $id, string $first, string $second, Meanwhile $meanwhile): CandidateTest => CandidateTest::further(
            $id, Before::keyOn(), [new Measure(MeterFunction::VoltsDc, $first, $second, meanwhile: $meanwhile)], ['reading'],
        )->ofTheUnit();
        $running = new Meanwhile([BrakeParts::PUMP]);

        return [
            ...($channels === [] || $unit->design->isIntegrated ? [] : [
                $volts('unit-volts', UnitCircuit::VALVE_SUPPLY, UnitCircuit::GROUND, $reduced(1)),
                $volts('unit-drop-relay', "$valves.fuse.out", "$valves.relay.out", $reduced(1)),
                $volts('unit-drop-relay-two', "$valves.fuse.out", "$valves.relay.out", $reduced(2)),
            ]),
            ...($channels === [] ? [] : [$volts('unit-drop-fuse', "$valves.fuse.in", "$valves.fuse.out", $reduced(1)), $volts('unit-fuse-out', "$valves.fuse.out", Pads::BODY, $reduced(1))]),
            $volts('motor-fuse', "$pump.fuse.out", Pads::BODY, $running),
            $volts('motor-volts', UnitCircuit::MOTOR, UnitCircuit::GROUND, $running),
            ...($unit->design->isIntegrated ? [] : [$volts('motor-relay', "$pump.relay.out", Pads::BODY, $running)]),
            $volts('unit-drop-ground', UnitCircuit::GROUND, Pads::BODY, $running),
        ];
    }
}
