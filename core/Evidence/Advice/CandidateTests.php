<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\ProcedureRegistry;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/** Every test the procedures of the bay offer on a car that has just come in. */
final readonly class CandidateTests
{
    public function __construct(private ProcedureRegistry $procedures)
    {
    }

    /** @return list<CandidateTest> */
    public function of(Vehicle $vehicle, Channel $channel): array
    {
        $tests = [];
        foreach ($this->procedures->ofCars() as $procedure) {
            array_push($tests, ...$procedure->candidateTests($vehicle, $channel));
        }

        return OrderOfTests::sorted($tests);
    }

    /** @return list<CandidateTest> */
    public function ofTheWholeCar(Vehicle $vehicle): array
    {
        $tests = [];
        foreach ($this->procedures->ofCars() as $procedure) {
            array_push($tests, ...$procedure->candidateTestsOfTheWholeCar($vehicle));
        }

        return OrderOfTests::sorted($tests);
    }
}
