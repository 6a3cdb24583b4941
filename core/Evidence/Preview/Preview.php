<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Advice\CandidateTests;
use Lernfall\Vehicle\Vehicle;
use LogicException;

/** What an apprentice will meet: every usual test on the car of a case, beside the sound car. */
final readonly class Preview
{
    /** The test that stands apart from the rows. */
    private const LAMPS = 'lamps';

    /**
     * @param  array<string, array<string, Cell>>  $rows  by test, then by channel, or by the car as a whole
     */
    private function __construct(public Cell $lamps, public array $rows)
    {
    }

    public static function of(FaultCase $case, Simulator $simulator): self
    {
        $simulator = $case->equips($simulator);
        $tests = new CandidateTests($simulator->procedures);
        $faulty = CustomerHistory::of(Car::hypothesis($case->faultyVehicle(), $case->sound));
        $healthy = CustomerHistory::of(Car::hypothesis($case->sound, $case->sound));
        $rows = [];
        $isFed = $faulty->vehicle->power->feed == $case->sound->power->feed && $faulty->vehicle->power->supply == $case->sound->power->supply && $faulty->vehicle->module == $case->sound->module && $faulty->vehicle->brakeParts == $case->sound->brakeParts;
        foreach ($case->sound->channels as $channel) {
            foreach (self::usual($tests->of($case->sound, $channel)) as $test) {
                $untouched = $test->isLocal() && $isFed && $faulty->vehicle->channel($channel->id) == $channel;
                $rows[$test->id][$channel->id] = TestComparison::cell($test, $untouched ? $healthy : $faulty, $healthy, $simulator);
            }
        }
        $lamps = null;
        foreach (self::usual($tests->ofTheWholeCar($case->sound)) as $test) {
            $cell = TestComparison::cell($test, $faulty, $healthy, $simulator);
            if ($test->id === self::LAMPS) {
                $lamps = $cell;
            } else {
                $rows[$test->id][Vehicle::WHOLE] = $test->id === 'lamp-codes' ? CountedCell::of($cell, $case->sound) : $cell;
            }
        }

        return new self($lamps ?? throw new LogicException('nobody looks at the lamps'), $rows);
    }

    /**
     * @param  list<CandidateTest>  $tests
     * @return list<CandidateTest>
     */
    private static function usual(array $tests): array
    {
        return array_values(array_filter($tests, static fn (CandidateTest $test): bool => $test->isUsual));
    }
}
