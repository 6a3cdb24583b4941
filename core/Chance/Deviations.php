<?php

declare(strict_types=1);

namespace Lernfall\Chance;

/**
 * How one car differs from the mean of its kind.
 *
 * A true car holds its drawn deviations, a hypothesis car holds their distributions. Both answer the same
 * questions: a true car with a drawn number and a certain outcome, a hypothesis car with the mean and a chance.
 */
interface Deviations
{
    /** How readily a fault shows that comes and goes: the name of that deviation ends so. */
    public const READINESS = '.readiness';

    /** Drawn deviations are cut here, in standard deviations, so that no part leaves the works far outside its tolerance. */
    public const FURTHEST = 2.5;

    /** The deviation of this name in standard deviations; 0 where it is not drawn. */
    public function standard(string $name): float;

    /**
     * The chance that something happens which depends on one deviation.
     *
     * @param  callable(float): bool  $happens  told the deviation, in standard deviations
     * @return float 0 or 1 where the deviation is drawn, anything between where it is not
     */
    public function chanceThat(string $name, callable $happens): float;

    /** A plain chance: 0 or 1 where it is drawn, else the probability itself. */
    public function chance(string $name, float $probability): float;

    /** Whether every part lies at the middle of its kind, so that all cars of which that is true may share what is worked out for one. */
    public function areTypical(): bool;

    /** Whether they stay distributions: true for cars that could be standing there. */
    public function isOpen(): bool;
}
