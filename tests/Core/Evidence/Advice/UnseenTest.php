<?php

declare(strict_types=1);

namespace Tests\Core\Evidence\Advice;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Evidence\Advice\Outcomes;
use Lernfall\Evidence\Advice\Remedies;
use Lernfall\Evidence\Advice\Trials;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\Hypothesis;
use Lernfall\Evidence\Solving\AdviceFollower;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/**
 * Of any two faults at a corner or at the car as a whole that need different repairs, some test tells one from the other.
 * The few that no test tells from a sound car stand in weighing.json.
 */
final class UnseenTest extends TestCase
{
    /** Outcomes that two cars share with less than this chance tell them apart. */
    private const SHARED = 0.5;

    /** Of the cars, in a usual run. */
    private const SAMPLE = 1;

    /** @return iterable<string, array{string}> */
    public static function vehicles(): iterable
    {
        foreach (Sweep::of(glob(dirname(__DIR__, 4).'/core/Vehicle/BuiltIn/*.json') ?: [], self::SAMPLE) as $file) {
            yield basename($file, '.json') => [basename($file, '.json')];
        }
    }

    #[DataProvider('vehicles')]
    public function test_all_but_those_named_are_told_apart(string $id): void
    {
        $vehicle = Workbench::vehicle($id);
        $places = [$vehicle->channelIds()[0], Vehicle::WHOLE];
        $all = Workbench::hypotheses()->of($vehicle, new CaseKnowledge)->all;
        $hypotheses = [$all[0], ...array_values(array_filter(
            $all,
            static fn (Hypothesis $one): bool => count($one->faults) === 1 && in_array($one->faults[0]->channel, $places, true) && $one->faults[0]->provokedBy === $one->faults[0]->kind->nature,
        ))];
        $together = $this->together($vehicle, $hypotheses);
        $unseen = array_values(array_filter($hypotheses, static fn (Hypothesis $one): bool => $one->faults !== [] && Workbench::hypotheses()->weighing->isUnseen($id, $one->faults[0])));

        self::assertGreaterThan(130, count($hypotheses));
        self::assertEqualsCanonicalizing(
            array_map(static fn (Hypothesis $one): string => "nothing, $one->key", $unseen),
            $together,
        );
    }

    /**
     * @param  list<Hypothesis>  $hypotheses  the sound car first
     * @return list<string> pairs with different repairs that neither the first look nor any test tells apart
     */
    private function together(Vehicle $vehicle, array $hypotheses): array
    {
        $simulator = Workbench::simulator();
        $outcomes = new Outcomes($simulator);
        [$cars, $looks] = $this->looked($vehicle, $hypotheses, $simulator);
        $repairs = array_map((new Remedies($simulator))->name(...), $cars);
        $open = [];
        foreach ($hypotheses as $one => $hypothesis) {
            for ($other = $one + 1; $other < count($hypotheses); $other++) {
                if ($repairs[$one] !== $repairs[$other] && $looks[$one] === $looks[$other]) {
                    $open["$hypothesis->key, {$hypotheses[$other]->key}"] = [$one, $other];
                }
            }
        }
        foreach ((new Trials($simulator))->on($vehicle, $cars[0]->state) as $trial) {
            if (in_array($trial->place, [$vehicle->channelIds()[0], Vehicle::WHOLE], true)) {
                $shown = $outcomes->of($trial, $cars, array_fill(0, count($cars), false), $cars[0]);
                $open = array_filter($open, static fn (array $pair): bool => self::shared($shown[$pair[0]], $shown[$pair[1]]) >= self::SHARED);
            }
        }

        return array_keys($open);
    }

    /**
     * @param  array<string, float>  $one  chance by outcome
     * @param  array<string, float>  $other
     */
    private static function shared(array $one, array $other): float
    {
        $shared = 0.0;
        foreach ($one as $outcome => $chance) {
            $shared += min($chance, $other[$outcome] ?? 0.0);
        }

        return $shared;
    }

    /**
     * @param  list<Hypothesis>  $hypotheses
     * @return array{list<Car>, list<string>} each after the first look, and the words it showed
     */
    private function looked(Vehicle $vehicle, array $hypotheses, Simulator $simulator): array
    {
        $cars = [];
        $looks = [];
        foreach ($hypotheses as $hypothesis) {
            $car = $hypothesis->car;
            $words = [];
            foreach (AdviceFollower::firstLook($vehicle) as $action) {
                $branch = Branch::likeliest($simulator->predict($car, $action));
                $car = $branch->car;
                foreach ($branch->prediction->features as $name => $feature) {
                    $words[] = $feature instanceof CategoryFeature ? "$name {$feature->likeliest()}" : '';
                }
            }
            $cars[] = $car;
            $looks[] = implode(', ', $words);
        }

        return [$cars, $looks];
    }
}
