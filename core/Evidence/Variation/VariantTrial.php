<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Variation;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\CustomerHistory;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Evidence\Belief\Hypotheses;
use Lernfall\Evidence\Preview\Visibility;
use Lernfall\Evidence\Solving\Par;
use Lernfall\Evidence\Solving\Solver;
use Lernfall\Fault\Fault;

/** Works variants of a case as the case itself would be worked, and says what speaks against one. */
final readonly class VariantTrial
{
    public function __construct(private FaultCase $case, private CaseKnowledge $knowledge, private Solver $solver, private VariationLimits $limits, private Simulator $simulator)
    {
    }

    /** Of the case as it was composed; null where it cannot be solved. */
    public function own(): ?Par
    {
        return $this->solver->par($this->case, $this->knowledge);
    }

    /**
     * @param  list<Fault>  $faults
     * @return array{?string, ?Par} "complaint" where the customer would tell something else of the lamps, "unseen" where nothing shows
     *                              it, or as the limits object; null where nothing speaks against it
     */
    public function of(Variation $variation, array $faults, Par $own): array
    {
        $case = $this->case->having($faults);
        if ($variation === Variation::OtherFaults) {
            $told = $this->knowledge->lampTold;
            if ($told !== null && Hypotheses::hasWarned(CustomerHistory::of(Car::hypothesis($case->faultyVehicle(), $case->sound)), $this->simulator) !== $told) {
                return ['complaint', null];
            }
            if ((new Visibility($case->equips($this->simulator)))->silent($case->sound, $faults) !== []) {
                return ['unseen', null];
            }
        }
        $par = $this->solver->par($case, $this->knowledge, $own->minutes * (1.0 + $this->limits->share($variation)));

        return [$this->limits->objection($variation, $own, $par), $par];
    }
}
