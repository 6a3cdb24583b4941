<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** Two leads on two pads with an instrument's own load between them, solved once for all that is asked of it. */
final readonly class LoadedProbe
{
    public function __construct(private SolvedCircuit $circuit, private string $first, private string $second)
    {
    }

    public function standingVolts(): float
    {
        return $this->circuit->voltsBetween($this->first, $this->second);
    }

    /**
     * Voltage for each volt induced somewhere; the sign follows the leads.
     *
     * @param  string  $source  a channel whose passive sensor induces it, or what an injection calls its own
     */
    public function voltsPerEmf(string $source): float
    {
        return $this->circuit->perUnit(Excitation::emf($source), $this->first, $this->second);
    }

    /** Voltage for each volt that every metre of a channel's untwisted cables picks up. */
    public function voltsPerPickUp(string $channelId): float
    {
        return $this->circuit->perUnit(Excitation::pickUp($channelId), $this->first, $this->second);
    }
}
