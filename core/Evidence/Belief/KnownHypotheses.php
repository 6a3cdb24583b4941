<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\Fault;

/** Hypotheses by case: those of the same vehicle are drawn up once. */
final class KnownHypotheses
{
    /** @var array<string, Hypotheses> */
    private array $known = [];

    public function __construct(private readonly Simulator $simulator, private readonly Catalogue $catalogue, public readonly Weighing $weighing)
    {
    }

    public function of(FaultCase $case, CaseKnowledge $knowledge): Hypotheses
    {
        $name = hash('xxh128', serialize([
            $case->sound, $knowledge->priorFactors, $knowledge->lampTold, array_map(self::keys(...), $knowledge->pairs), count($case->faults) > 1 ? self::keys($case->faults) : [],
        ]));

        return $this->known[$name] ??= Hypotheses::of($case, $knowledge, $this->catalogue, $this->weighing, $this->simulator);
    }

    /**
     * @param  list<Fault>  $faults
     * @return list<string>
     */
    private static function keys(array $faults): array
    {
        return array_map(static fn (Fault $fault): string => $fault->key(), $faults);
    }
}
