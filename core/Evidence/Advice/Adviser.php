<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Action\ClearCodes;
use Lernfall\Bay\Action\ReadCodes;
use Lernfall\Bay\Action\RoadTest;
use Lernfall\Bay\Car;
use Lernfall\Bay\Simulator;
use Lernfall\Evidence\Lineup;
use Lernfall\Evidence\Odds;
use Lernfall\Evidence\Remedies;

/** Weighs repairing now against testing on, and the tests against each other. */
final readonly class Adviser
{
    /** A remedy nobody knows is priced like the dearest part and a long search. */
    private const BEYOND = 900.0;

    /** Tests are tried on this many of the likeliest cars. */
    private const TRIED_ON = 40;

    private Trials $trials;

    private Outcomes $outcomes;

    /** @param  float  $needless  what a repair that changes nothing costs besides its price, in money */
    public function __construct(private Simulator $simulator, private Remedies $remedies, private float $needless)
    {
        $this->trials = new Trials($simulator->workshop);
        $this->outcomes = new Outcomes($simulator);
    }

    public function on(Lineup $lineup, Odds $odds): Advice
    {
        $repairs = RepairOdds::of($lineup, $odds, $this->remedies);
        $cost = $this->costs($repairs);
        $car = $lineup->ways[0]->car;
        $tried = $repairs->foremost(self::TRIED_ON);
        $worth = [];
        foreach ($this->trials->on($car->sound, $car->state) as $trial) {
            if (! $this->outcomes->isAlike($trial, $tried->cars) && ! $this->isKnown($trial, $lineup, $tried)) {
                $worth[] = $this->worth($trial, $tried, $cost, $car);
            }
        }

        return Advice::of($repairs, $cost, $worth);
    }

    public function costs(RepairOdds $repairs): RepairCost
    {
        $prices = [];
        foreach ($repairs->remedies as $index => $remedy) {
            $prices[$remedy] ??= $remedy === 'beyond' ? self::BEYOND : array_sum(array_map($this->remedies->price(...), $this->remedies->of($repairs->cars[$index]) ?? []));
        }
        $workshop = $this->simulator->workshop;
        $proof = array_sum(array_map(static fn ($action): float => $workshop->rate($action)->minutes, [new ClearCodes, new RoadTest, new ReadCodes]));

        return new RepairCost($prices, $proof * $workshop->costPerMinute, $this->needless);
    }

    /** Whether the same question has been put in the same state, so that the answer is known. */
    private function isKnown(Trial $trial, Lineup $lineup, RepairOdds $repairs): bool
    {
        $way = $lineup->likeliest($repairs->suspects[0]);

        return $lineup->answered($way, $trial->question())?->expects($this->outcomes->answer($trial, $way->car)) === true;
    }

    private function worth(Trial $trial, RepairOdds $repairs, RepairCost $cost, Car $sound): Worth
    {
        $joint = [];
        foreach ($this->outcomes->of($trial, $repairs->cars, $repairs->graded, $sound) as $index => $chances) {
            foreach ($chances as $outcome => $chance) {
                $joint[$outcome][$index] = $chance * $repairs->chances[$index];
            }
        }
        $bits = $repairs->bits();
        $after = 0.0;
        foreach ($joint as $weights) {
            $share = array_sum($weights);
            $remedies = [];
            foreach ($weights as $index => $weight) {
                $remedies[$repairs->remedies[$index]] = ($remedies[$repairs->remedies[$index]] ?? 0.0) + $weight / $share;
            }
            $bits -= $share * RepairOdds::entropy($remedies);
            $after += $share * $cost->expected($remedies);
        }

        return new Worth($trial, max(0.0, $bits), $trial->cost + $after);
    }
}
