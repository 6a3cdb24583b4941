<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Action\Repair;
use Lernfall\Bay\Action\RepairKind;
use Lernfall\Bay\Action\Secure;
use Lernfall\Bay\Action\SecureStep;
use Lernfall\Bay\Car;
use Lernfall\Bay\FaultCase;
use Lernfall\Bay\Simulator;
use Lernfall\Vehicle\Vehicle;

/** What else could have been done to make a car good, found by trying it. */
final readonly class Alternatives
{
    public function __construct(private Simulator $simulator)
    {
    }

    /** The cheapest single repair that leaves nothing wrong; null where no single one does. */
    public function cheapest(FaultCase $case): ?Repair
    {
        $best = null;
        foreach (RepairKind::cases() as $kind) {
            foreach ($kind->places($case->sound) as $place) {
                $repair = new Repair($kind, $place);
                if ($this->makesGood($case, $repair) && ($best === null || $this->price($repair) < $this->price($best))) {
                    $best = $repair;
                }
            }
        }

        return $best;
    }

    /** What it costs at least to mend every fault of a case, each by its own cheapest repair. */
    public function leastCost(FaultCase $case): float
    {
        $cost = 0.0;
        foreach ($case->faults as $fault) {
            $cheapest = $this->cheapest($case->withOnly($fault));
            $cost += $cheapest === null ? 0.0 : $this->price($cheapest);
        }

        return $cost;
    }

    /** Material and working time of a repair, in money. */
    public function price(Repair $repair): float
    {
        $rate = $this->simulator->workshop->rate($repair);

        return $rate->money + $rate->minutes * $this->simulator->workshop->costPerMinute;
    }

    /** Whether it would have changed anything on the car as it came in. */
    public function changes(FaultCase $case, Repair $repair): bool
    {
        return $this->tried($case, $repair) != $case->faultyVehicle()->withLeftCodes([]);
    }

    private function makesGood(FaultCase $case, Repair $repair): bool
    {
        return $this->tried($case, $repair) == $case->sound;
    }

    private function tried(FaultCase $case, Repair $repair): Vehicle
    {
        $car = Car::hypothesis($case->faultyVehicle(), $case->sound);
        foreach ([SecureStep::Chock, SecureStep::Raise, SecureStep::Stand] as $step) {
            $car = $this->simulator->predict($car, new Secure($step))[0]->car;
        }

        return $this->simulator->predict($car, $repair)[0]->car->vehicle;
    }
}
