<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;

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

    /** Tells two states apart that differ for this channel by itself; null where leads or a generator join in. */
    public function plainlyAt(Channel $channel): ?string
    {
        if (! $this->attached->isNothing()) {
            return null;
        }
        $text = "$this->moduleOn|$this->systemVolts|{$this->moduleVolts()}|$this->batteryOhms|{$this->temperatures->ofSensor($channel->id)}";
        if (in_array($channel->id, $this->supplied, true)) {
            $text .= '|supplied';
        }
        if (in_array($channel->id, $this->cut, true)) {
            $text .= '|cut';
        }
        foreach ($this->openPlugs as $plugId) {
            $text .= $channel->hasPlug($plugId) ? "|$plugId" : '';
        }

        return $text;
    }

    /** Tells two states apart that differ at the hydraulic unit. */
    public function atUnit(): string
    {
        return implode(' ', [$this->systemVolts, $this->batteryOhms, ...array_map(static fn (JumperLead $lead): string => "{$lead->first->id}={$lead->second->id}:$lead->ohms", $this->attached->atUnit())]);
    }

    /** The voltage the module passes on as supply. */
    public function moduleVolts(): float
    {
        return $this->moduleVolts ?? $this->systemVolts;
    }
}
