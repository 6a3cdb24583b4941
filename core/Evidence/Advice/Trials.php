<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Vehicle\Vehicle;

/** Every test that could sensibly come next on a car as it stands. */
final readonly class Trials
{
    private CandidateTests $tests;

    public function __construct(private Simulator $simulator)
    {
        $this->tests = new CandidateTests($simulator->procedures);
    }

    /** @return list<Trial> */
    public function on(Vehicle $vehicle, CarState $state): array
    {
        $preparation = new Preparation($state);
        $trials = [];
        foreach ($vehicle->channels as $channel) {
            array_push($trials, ...$this->prepared($this->tests->of($vehicle, $channel), $channel->id, $preparation));
        }
        array_push($trials, ...$this->prepared($this->tests->ofTheWholeCar($vehicle), Vehicle::WHOLE, $preparation));

        return array_values(array_filter($trials, $this->isPossible(...)));
    }

    /** Whether every tool it needs is there. */
    private function isPossible(Trial $trial): bool
    {
        return array_filter($trial->actions(), fn (CarAction $action): bool => ! $this->simulator->hasToolFor($action)) === [];
    }

    /**
     * @param  list<CandidateTest>  $tests
     * @return list<Trial>
     */
    private function prepared(array $tests, string $place, Preparation $preparation): array
    {
        return array_map(
            fn (CandidateTest $test): Trial => $this->trial($test, $place, $preparation->for($test)),
            array_values(array_filter($tests, static fn (CandidateTest $test): bool => $test->isAdvised)),
        );
    }

    /** @param  list<CarAction>  $before */
    private function trial(CandidateTest $test, string $place, array $before): Trial
    {
        $minutes = 0.0;
        $money = 0.0;
        foreach ([...$before, ...$test->looks] as $action) {
            $rate = $this->simulator->rate($action);
            $minutes += $rate->minutes;
            $money += $rate->money;
        }

        return new Trial($test->id, $place, $before, $test->looks, $test->features, $minutes, $money + $minutes * $this->simulator->workshop->costPerMinute, $test->reaches($place), $test->alike);
    }
}
