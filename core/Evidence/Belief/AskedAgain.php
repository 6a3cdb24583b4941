<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\ObservedNumber;

/**
 * A number that was asked for before: parts and eyes answer as they did then, and what is new is the noise of the instrument
 * and what has changed in between. A coil cools, a wire is moved: by how much the answer should have moved is predicted, and
 * only in proportion, for the strength of a fault decides it and is known roughly. How far the proportion was off before,
 * it will be off again: it is learnt from the earlier answers (Bayesian regression through the nearest of them, its slope
 * being normal beforehand; Gelman et al., Bayesian Data Analysis, chapter 14).
 */
final readonly class AskedAgain
{
    /** What is smaller than this, in any unit, is nothing. */
    private const NOTHING = 1e-12;

    /**
     * @param  ObservedNumber  $before  what it showed when the answer was most nearly the one expected now
     * @param  float  $moved  by how much it should have moved since, in the unit of the display
     * @param  list<array{float, float}>  $others  by how much it should have differed then from the nearest, and did, at other times
     */
    private function __construct(private ObservedNumber $before, private float $moved, private array $others)
    {
    }

    /** @param  list<array{NumberFeature, ObservedNumber}>  $others  predicted and shown at other times */
    public static function since(ObservedNumber $before, NumberFeature $then, NumberFeature $now, array $others): self
    {
        $proportion = abs($then->mean) > self::NOTHING ? $before->si / $then->mean : 1.0;

        return new self($before, $proportion * ($now->mean - $then->mean), array_map(
            static fn (array $one): array => [$proportion * ($one[0]->mean - $then->mean), $one[1]->si - $before->si], $others,
        ));
    }

    /**
     * What the earlier answers let expect now, and the variance of it.
     *
     * @param  float  $noise  variance of one repetition
     * @param  float  $spread  standard deviation of the share of a predicted change that comes true
     * @return array{float, float}
     */
    public function expected(float $noise, float $spread): array
    {
        $between = 2.0 * $noise + self::NOTHING ** 2;
        $precision = 1.0 / $spread ** 2;
        $sum = $precision;
        foreach ($this->others as [$predicted, $shown]) {
            $precision += $predicted ** 2 / $between;
            $sum += $predicted * $shown / $between;
        }

        return [$this->before->si + $sum / $precision * $this->moved, $between + $this->moved ** 2 / $precision];
    }

    /**
     * How far the earlier answer settles this one: 1 where nothing has moved, none where so much has that it is a new question.
     *
     * @param  float  $spread  how widely the answer would scatter, were it the first
     */
    public function sameness(float $spread): float
    {
        return ($spread ** 2 + self::NOTHING ** 2) / ($spread ** 2 + $this->moved ** 2 + self::NOTHING ** 2);
    }
}
