<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** What decides the circuit besides the parts: power, plugs, temperature, and what is connected from outside. */
final readonly class ElectricalState
{
    /**
     * @param  bool  $moduleOn  the key is on, and the module is fed and works
     * @param  float  $systemVolts  of the battery, or of the generator while the engine runs
     * @param  list<string>  $openPlugs  ids of plugs that are apart
     * @param  list<string>  $supplied  channels the module has switched the full supply to
     * @param  list<string>  $cut  channels whose supply the module has switched off
     * @param  float  $batteryOhms  inside the battery
     * @param  ?float  $moduleVolts  what arrives at the module of the system voltage; null for all of it
     */
    public function __construct(
        public bool $moduleOn,
        public float $systemVolts,
        public array $openPlugs,
        public Temperatures $temperatures,
        public array $supplied = [],
        public array $cut = [],
        public Attached $attached = new Attached,
        public float $batteryOhms = 0.02,
        private ?float $moduleVolts = null,
    ) {
    }

    /**
     * With a module that is on or not.
     *
     * @param  float  $moduleVolts  what arrives at it
     */
    public function feeding(bool $moduleOn, float $moduleVolts): self
    {
        return new self(
            $moduleOn, $this->systemVolts, $this->openPlugs, $this->temperatures, $this->supplied, $this->cut, $this->attached, $this->batteryOhms, $moduleVolts,
        );
    }

    /** Before the module has decided about any supply. */
    public function unsupplied(): self
    {
        return new self(
            $this->moduleOn, $this->systemVolts, $this->openPlugs, $this->temperatures, [], [], $this->attached, $this->batteryOhms, $this->moduleVolts,
        );
    }

    public function withBench(?BenchSupply $bench): self
    {
        return new self(
            $this->moduleOn, $this->systemVolts, $this->openPlugs, $this->temperatures, $this->supplied, $this->cut, $this->attached->withBench($bench),
            $this->batteryOhms, $this->moduleVolts,
        );
    }

    /** Tells two states apart that act on a channel by itself; null where leads or a generator join in. */
    public function plainly(): ?string
    {
        return ! $this->attached->isNothing()
            ? null
            : implode('|', [(int) $this->moduleOn, $this->systemVolts, $this->moduleVolts(), $this->batteryOhms, $this->temperatures->text(), ...$this->openPlugs, '', ...$this->supplied, '', ...$this->cut]);
    }

    /** The voltage the module passes on as supply. */
    public function moduleVolts(): float
    {
        return $this->moduleVolts ?? $this->systemVolts;
    }

    /**
     * These channels and every one that jumper leads join to them.
     *
     * @param  list<string>  $channels
     * @return list<string>
     */
    public function joinedTo(array $channels): array
    {
        do {
            $before = count($channels);
            foreach ($this->attached->jumpers as $lead) {
                if (array_intersect($lead->channels(), $channels) !== []) {
                    $channels = array_values(array_unique([...$channels, ...$lead->channels()]));
                }
            }
        } while (count($channels) > $before);

        return $channels;
    }
}
