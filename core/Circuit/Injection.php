<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** A signal generator on the loom side of an open sensor plug, in the sensor's place. */
final readonly class Injection
{
    public const SOURCE_OHMS = 50.0;

    /** Without amplitude the current shape draws this much. */
    private const LOWER_AMPERES = 0.007;

    /**
     * @param  string  $shape  "sine" (volts of peak between the first two pins), "current" (upper level in amperes, drawn
     *                         from the first pin into the second), or "voltage" (upper level in volts on the third pin)
     * @param  float  $amplitude  in volts or amperes, as the shape says
     * @param  InjectedAt  $at  where a sine goes
     */
    public function __construct(public string $channel, public string $shape, public float $hertz, public float $amplitude, public InjectedAt $at = InjectedAt::Pair)
    {
    }

    /** What its signal is called in the circuit. */
    public function excitation(): string
    {
        return "injection.$this->channel";
    }

    /** Where it is at its lowest: a sine swings below zero, levels rest on theirs. */
    public function lowestLevel(): float
    {
        return $this->shape === 'sine' ? -1.0 : 0.0;
    }

    /** The current shape behaves like an active two-wire sensor: it lives on the module's supply. */
    public function law(bool $upper): CurrentLaw
    {
        return new CurrentLaw($upper ? max($this->amplitude, self::LOWER_AMPERES) : self::LOWER_AMPERES, 1.5, 4.5, 0.8, 40.0);
    }
}
