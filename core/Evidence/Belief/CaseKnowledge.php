<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Fault\Fault;
use Lernfall\Fault\Symptom;

/** What an instructor tells about the likely and the possible of a case, beyond the catalogue. */
final readonly class CaseKnowledge
{
    /**
     * @param  array<string, float>  $priorFactors  by kind of fault, or "nothing"
     * @param  list<list<Fault>>  $pairs  faults that can be there together
     * @param  ?bool  $lampTold  whether the complaint tells of a warning lamp; null where it tells nothing about lamps
     * @param  list<Symptom>  $symptoms  what the customer has noticed
     */
    public function __construct(public array $priorFactors = [], public array $pairs = [], public ?bool $lampTold = null, public array $symptoms = [])
    {
    }

    /** How much more common this fault is than the catalogue takes it to be. */
    public function factor(Fault $fault): float
    {
        return array_reduce($this->symptoms, static fn (float $factor, Symptom $one): float => $factor * $one->factor($fault), $this->priorFactors[$fault->kind->id] ?? 1.0);
    }

    /** The same of a car in order. Whoever worries about one thing that is normal easily worries about another: every further one counts as its square root. Our own figure. */
    public function soundFactor(): float
    {
        $factors = array_map(static fn (Symptom $one): float => $one->factors[Symptom::NOTHING] ?? 1.0, $this->symptoms);

        rsort($factors);

        return ($this->priorFactors[Symptom::NOTHING] ?? 1.0) * ($factors[0] ?? 1.0) * sqrt(array_product(array_slice($factors, 1)));
    }

    /** Whether the brakes themselves may be at fault by what the customer says. */
    public function doubtsPedal(): bool
    {
        return array_filter($this->symptoms, static fn (Symptom $one): bool => $one->doubtsPedal) !== [];
    }
}
