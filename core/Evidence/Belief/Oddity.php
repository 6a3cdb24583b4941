<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/**
 * How likely something is shown that nothing explains, so that no single odd observation kills the truth: a share of the
 * chance that whoever looks, or the instrument, errs. A meter that shows less than an ohm has two ends of wire together; an
 * eye is mistaken more often. The shares and chances are common practice, no source.
 */
final readonly class Oddity
{
    /** Stands for kinds of observations that are not named. */
    public const OTHERWISE = 'otherwise';

    /**
     * @param  array<string, float>  $errs  the chance to err, by kind of observation
     * @param  float  $share  of it that falls on each thing observed
     * @param  float  $stepShare  of that for all things observed in one step together
     */
    public function __construct(private array $errs, private float $share, private float $stepShare)
    {
    }

    /** Of one thing that an observation of this kind shows. */
    public function of(string $kind): float
    {
        return $this->share * ($this->errs[$kind] ?? $this->errs[self::OTHERWISE]);
    }

    /** The least chance that all things shown by one such observation have together. */
    public function ofStep(string $kind): float
    {
        return $this->stepShare * $this->of($kind);
    }
}
