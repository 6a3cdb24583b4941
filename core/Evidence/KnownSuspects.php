<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\Fault;

/** Suspects by case: those of the same vehicle are drawn up once. */
final class KnownSuspects
{
    /** @var array<string, Suspects> */
    private array $known = [];

    public function __construct(private readonly Simulator $simulator, private readonly Catalogue $catalogue, public readonly Weighing $weighing)
    {
    }

    public function of(FaultCase $case, CaseKnowledge $knowledge): Suspects
    {
        $name = hash('xxh128', serialize([
            $case->sound, $knowledge->priorFactors, $knowledge->lampTold, array_map(self::keys(...), $knowledge->pairs), count($case->faults) > 1 ? self::keys($case->faults) : [],
        ]));

        return $this->known[$name] ??= Suspects::of($case, $knowledge, $this->catalogue, $this->weighing, $this->simulator);
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
