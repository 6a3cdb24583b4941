<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Car\Car;
use Lernfall\Fault\Fault;

/** One concrete car that could be standing there, and how likely it was before anything was known of this one. */
final readonly class Hypothesis
{
    /**
     * @param  string  $key  permanent, unique among the hypotheses of a vehicle
     * @param  list<Fault>  $faults  none where nothing is wrong
     * @param  float  $prior  on the scale of the catalogue; together they are not 1
     * @param  bool  $graded  it is one strength out of many
     * @param  Car  $car  as it comes in
     * @param  float  $told  by how much the complaint has shifted its prior
     */
    public function __construct(public string $key, public array $faults, public float $prior, public bool $graded, public Car $car, public float $told = 1.0)
    {
    }

    public function withPrior(float $prior): self
    {
        return new self($this->key, $this->faults, $prior, $this->graded, $this->car, $this->told);
    }

    /** What an instructor or apprentice would call it: kinds and places, strength left aside. */
    public function name(): string
    {
        return $this->faults === [] ? 'nothing' : implode('+', array_map(static fn (Fault $fault): string => "{$fault->kind->id}@$fault->channel", $this->faults));
    }

    /** The same for the same faults in other strengths, and for no others. */
    public function family(): string
    {
        return implode('+', array_map(static fn (Fault $fault): string => "{$fault->kind->id}@$fault->channel.$fault->conductor.{$fault->provokedBy?->value}", $this->faults));
    }

    /** Of the only fault it has; null where it is one of several, or has none. */
    public function strength(): ?float
    {
        return $this->graded && count($this->faults) === 1 ? $this->faults[0]->strength : null;
    }

    /** @return list<string> ids of the kinds of fault it has */
    public function kinds(): array
    {
        return $this->faults === [] ? ['nothing'] : array_map(static fn (Fault $fault): string => $fault->kind->id, $this->faults);
    }
}
