<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** What is connected to a circuit from outside. */
final readonly class Attached
{
    /**
     * @param  ?Injection  $injection  a generator connected to a loom; null where there is none
     * @param  list<JumperLead>  $jumpers
     * @param  ?BenchSupply  $bench  a supply on the pins of an unplugged sensor; null where there is none
     */
    public function __construct(public ?Injection $injection = null, public array $jumpers = [], public ?BenchSupply $bench = null)
    {
    }

    public function withBench(?BenchSupply $bench): self
    {
        return new self($this->injection, $this->jumpers, $bench);
    }

    /** @return list<JumperLead> between pads of the hydraulic unit, and from them to battery and body */
    public function atUnit(): array
    {
        return array_values(array_filter($this->jumpers, static fn (JumperLead $lead): bool => $lead->channels() === [] && ($lead->first->isUnit() || $lead->second->isUnit())));
    }

    public function isNothing(): bool
    {
        return $this->injection === null && $this->jumpers === [] && $this->bench === null;
    }
}
