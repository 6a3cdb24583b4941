<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/**
 * A speed sensor of some technology, as the car knows it; the kinds stand in core/Sensor.
 *
 * What it does electrically is one of several states: the first with nothing in front of it, the others as the ring asks
 * for them. A coil has one state only and induces a voltage.
 */
interface Sensor
{
    /** Between two of its pins, as it is built: scatter and faults still leave it more than a contact has. */
    public const LEAST_OHMS = 1.0;

    /** Permanent name of the technology, for example "passive". */
    public function technology(): string;

    /** How many wires it has. */
    public function conductors(): int;

    /** @return list<string> what each of its wires does, in their order: "coil", "supply", "return", "ground" or "signal" */
    public function wireFunctions(): array;

    /** Whether it is fed and switches, instead of inducing a voltage. */
    public function isActive(): bool;

    /** Whether it is a part for another car. */
    public function isForeign(): bool;

    /**
     * The same sensor off its nominal values, as parts differ.
     *
     * @param  float  $electrical  factor on resistance or current
     * @param  float  $magnetic  factor on the strength with which it feels the ring
     */
    public function scaled(float $electrical, float $magnetic): self;

    /**
     * The same sensor with a defect; null where this technology cannot have it.
     *
     * @param  float  $strength  as the defect says
     */
    public function suffering(SensorDefect $defect, float $strength): ?self;

    /** What is left of it after the ring has struck its tip. */
    public function struckByRing(): self;

    /** Whether that has happened. */
    public function isStruck(): bool;

    /** What is left of it after current has flowed through it the wrong way. */
    public function fedBackwards(): self;

    /**
     * How strongly it feels a tooth: 1 for a whole one at the mean gap.
     *
     * @param  float  $strength  of the tooth itself
     * @param  float  $offMetres  by which this tooth lies further away than the mean
     */
    public function feels(float $strength, float $offMetres, float $gapMetres): float;

    /** Whether teeth and gaps make a difference to it: it is whole, and the ring near enough. */
    public function follows(float $gapMetres): bool;

    /** How many states it can be in. */
    public function states(): int;

    /** The state it is in at rest. */
    public function stateAtRest(bool $tooth, float $gapMetres): int;

    /** Whether it keeps the state of whatever came to rest in front of it. */
    public function keepsState(): bool;

    /** Peak volts induced by a turning ring before any load; 0 for a sensor that switches. */
    public function peakVolts(ToothedRing $ring, float $gapMetres, float $turnsPerSecond): float;

    /** How long it stays in its upper state for every tooth; null where for as long as the tooth takes. */
    public function pulseSeconds(bool $backward, float $gapMetres): ?float;

    /** @return ?array{float, float} the seconds of a sign of life it gives while nothing turns, and how often; null for none */
    public function signOfLife(): ?array;

    /** The signal of a generator that can stand in its place: "sine", "current", or "" for none. */
    public function imitatedBy(): string;
}
