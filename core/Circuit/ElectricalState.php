<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** What decides the circuit besides the parts: power, plugs, temperature. */
final readonly class ElectricalState
{
    /** @param  list<string>  $openPlugs ids of plugs that are apart */
    public function __construct(
        public bool $ignitionOn,
        public bool $engineRunning,
        public array $openPlugs,
        public float $hubCelsius,
    ) {
    }
}
