<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\FaultCase;
use Lernfall\Bay\Feature;
use Lernfall\Bay\Simulator;
use Lernfall\Evidence\Apart;
use LogicException;

/** What an apprentice will meet: every usual test on the car of a case, beside the sound car. */
final readonly class Preview
{
    /**
     * @param  array<string, array<string, Cell>>  $rows  by test, then by channel
     */
    private function __construct(public Cell $lamps, public array $rows)
    {
    }

    public static function of(FaultCase $case, Simulator $simulator): self
    {
        $faulty = Car::hypothesis($case->faultyVehicle(), $case->sound);
        $healthy = Car::hypothesis($case->sound, $case->sound);
        $rows = [];
        foreach ($case->sound->channels as $channel) {
            foreach (StandardTests::of($case->sound, $channel) as $test) {
                $rows[$test->id][$channel->id] = self::cell($test, $faulty, $healthy, $simulator);
            }
        }

        return new self(self::cell(StandardTests::lamps($case->sound), $faulty, $healthy, $simulator), $rows);
    }

    private static function cell(StandardTest $test, Car $faulty, Car $healthy, Simulator $simulator): Cell
    {
        $here = self::shown($test, $faulty, $simulator);
        $there = self::shown($test, $healthy, $simulator);
        $differs = array_filter($test->features, static fn (string $name): bool => Apart::predictions($here[$name], $there[$name]));

        return new Cell($here, $there, $differs !== []);
    }

    /** @return array<string, Feature> */
    private static function shown(StandardTest $test, Car $car, Simulator $simulator): array
    {
        foreach ($test->before as $action) {
            $car = Branch::likeliest($simulator->predict($car, $action))->car;
        }
        $features = Branch::likeliest($simulator->predict($car, $test->action))->prediction->features;
        $shown = [];
        foreach ($test->features as $name) {
            $shown[$name] = $features[$name] ?? throw new LogicException("the test $test->id shows no $name");
        }

        return $shown;
    }
}
