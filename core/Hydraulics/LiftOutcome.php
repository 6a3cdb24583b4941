<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

/** What a command on the lift has done. */
final readonly class LiftOutcome
{
    /**
     * @param  array<string, ByHand>  $wheels  by wheel
     * @param  array<string, float>  $newtonMetres  that each wheel is braked with
     * @param  bool  $pumpRuns  it is heard
     * @param  bool  $valveMoves  a valve at a wheel is heard as it is pulled
     * @param  float  $kickCentimetres  by which the pedal was pushed back; negative: it has gone further down
     */
    public function __construct(public BrakeState $state, public array $wheels, public array $newtonMetres, public bool $pumpRuns, public float $kickCentimetres, public bool $valveMoves)
    {
    }

    /** @return list<string> channels */
    public function free(): array
    {
        return array_keys(array_filter($this->wheels, static fn (ByHand $wheel): bool => $wheel !== ByHand::Held));
    }
}
