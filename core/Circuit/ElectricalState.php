<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** What decides the circuit besides the parts: power, plugs, temperature. */
final readonly class ElectricalState
{
    /**
     * @param  float  $systemVolts  of the battery, or of the generator while the engine runs
     * @param  list<string>  $openPlugs  ids of plugs that are apart
     * @param  list<string>  $supplied  channels the module has switched the full supply to
     * @param  ?Injection  $injection  a generator connected to a loom; null where there is none
     */
    public function __construct(
        public bool $ignitionOn,
        public float $systemVolts,
        public array $openPlugs,
        public float $hubCelsius,
        public array $supplied = [],
        public ?Injection $injection = null,
    ) {
    }

    /** Before the module has decided about any supply. */
    public function unsupplied(): self
    {
        return new self($this->ignitionOn, $this->systemVolts, $this->openPlugs, $this->hubCelsius, [], $this->injection);
    }
}
