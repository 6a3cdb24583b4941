<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Preview;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Evidence\Belief\Distinguishability;
use LogicException;

/** One test made on two cars, what makes faults come and go being provoked meanwhile. */
final readonly class TestComparison
{
    /** Ways of an uncertain outcome less likely than this are left out. */
    private const RARE = 0.01;

    /** In place of what a test would show that cannot be made. */
    public const NOT_DONE = 'not-done';

    public static function cell(CandidateTest $test, Car $faulty, Car $healthy, Simulator $simulator): Cell
    {
        if ($test->features === []) {
            return new Cell([], [], false); // what a driver tells is not laid side by side
        }
        $there = self::shown($test, $healthy, $simulator);
        $here = $faulty === $healthy ? $there : self::shown($test, $faulty, $simulator, $test->isLocal() ? self::provocations($faulty) : []);
        $differs = array_filter($test->features, static fn (string $name): bool => Distinguishability::predictions($here[$name], $there[$name]));

        return new Cell($here, $there, $differs !== []);
    }

    /**
     * @param  list<CarAction>  $provocations
     * @return array<string, Feature>
     */
    private static function shown(CandidateTest $test, Car $car, Simulator $simulator, array $provocations = []): array
    {
        $ways = [new Branch(1.0, $car, Prediction::of('start'))];
        foreach ([...$test->before, ...$provocations, ...$test->looks] as $action) {
            $ways = self::onwards($ways, $action, $simulator);
        }
        $shown = [];
        foreach ($test->features as $name) {
            $shown[$name] = self::combined($ways, $name);
        }

        return $shown;
    }

    /**
     * What makes the faults of this car show: readings of a fault that comes and goes are those while it is provoked.
     *
     * @return list<CarAction>
     */
    private static function provocations(Car $car): array
    {
        $provocations = [];
        foreach ($car->vehicle->channels as $channel) {
            if ($channel->acting !== null) {
                $provocations[] = new Provoke($channel->acting->provocation, $channel->id);
            }
        }

        return $provocations;
    }

    /**
     * @param  non-empty-list<Branch>  $ways
     * @return non-empty-list<Branch> rare ways left out
     */
    private static function onwards(array $ways, CarAction $action, Simulator $simulator): array
    {
        $next = [];
        foreach ($ways as $way) {
            foreach ($simulator->predict($way->car, $action) as $branch) {
                $next[] = new Branch($way->weight * $branch->weight, $branch->car, $branch->prediction);
            }
        }

        $likely = array_values(array_filter($next, static fn (Branch $branch): bool => $branch->weight >= self::RARE));

        return $likely === [] ? [Branch::likeliest($next)] : $likely;
    }

    /**
     * Words with their chances over all ways; a number as it is in the likeliest.
     *
     * @param  non-empty-list<Branch>  $ways
     */
    private static function combined(array $ways, string $name): Feature
    {
        $likeliest = self::feature(Branch::likeliest($ways)->prediction, $name) ?? throw new LogicException("this test shows no $name");
        if (! $likeliest instanceof CategoryFeature) {
            return $likeliest;
        }
        $chances = [];
        $total = array_sum(array_map(static fn (Branch $way): float => $way->weight, $ways));
        foreach ($ways as $way) {
            $feature = self::feature($way->prediction, $name);
            foreach ($feature instanceof CategoryFeature ? $feature->chances : [] as $word => $chance) {
                $chances[$word] = ($chances[$word] ?? 0.0) + $chance * $way->weight / $total;
            }
        }

        return new CategoryFeature($chances);
    }

    /** A module that does not answer, or a test that cannot be made, shows that in place of whatever was asked. */
    private static function feature(Prediction $prediction, string $name): ?Feature
    {
        return $prediction->features[$name] ?? match (true) {
            $prediction->refusal !== null => CategoryFeature::certain(self::NOT_DONE),
            $prediction->kind === 'no-answer' => CategoryFeature::certain('no-answer'),
            default => null,
        };
    }
}
