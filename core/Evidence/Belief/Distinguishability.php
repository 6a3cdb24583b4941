<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\ObservedTrace;
use Lernfall\Bay\Contract\TraceFeature;

/** Whether two predictions, or a prediction and what was shown, lie further apart than chance explains. */
final readonly class Distinguishability
{
    /** This many standard deviations are no chance any more. */
    private const DEVIATIONS = 3.0;

    /** A number that has moved by less than this many of its standard deviations is the same. */
    private const DRIFT = 0.5;

    /** Words that two cars share with less than this chance tell them apart. */
    private const SHARED_CHANCE = 0.5;

    /** A word less likely than this does not fit. */
    private const FITTING_CHANCE = 0.1;

    public static function predictions(Feature $one, Feature $other): bool
    {
        if ($one instanceof NumberFeature && $other instanceof NumberFeature) {
            return $one->overload || $other->overload
                ? $one->overload !== $other->overload
                : abs($one->mean - $other->mean) > self::DEVIATIONS * hypot($one->spread(), $other->spread());
        }
        if ($one instanceof CategoryFeature && $other instanceof CategoryFeature) {
            $shared = 0.0;
            foreach ($one->chances as $word => $chance) {
                $shared += min($chance, $other->chances[$word] ?? 0.0);
            }

            return $shared < self::SHARED_CHANCE;
        }
        if ($one instanceof TraceFeature && $other instanceof TraceFeature) {
            return ! TraceLikeness::looksLike($one, $other);
        }

        return true;
    }

    /** Whether nothing that matters lies between two predictions: parts that cool meanwhile shift a number a little. */
    public static function areAlike(Feature $one, Feature $other): bool
    {
        return $one == $other
            || $one instanceof NumberFeature && $other instanceof NumberFeature && $one->overload === $other->overload
            && abs($one->mean - $other->mean) <= self::DRIFT * $one->spread();
    }

    /** Whether what was shown fits what was predicted. */
    public static function fits(Feature $predicted, Observation $shown, string $name): bool
    {
        if ($predicted instanceof CategoryFeature) {
            return ($predicted->chances[$shown->word($name)] ?? 0.0) >= self::FITTING_CHANCE;
        }
        $trace = $shown->values[$name] ?? null;
        if ($predicted instanceof TraceFeature && $trace instanceof ObservedTrace) {
            return TraceLikeness::seen($predicted) === TraceLikeness::seenIn($trace);
        }
        $number = $shown->number($name);

        return $predicted instanceof NumberFeature && $number !== null && self::numberFits($predicted, $number);
    }

    private static function numberFits(NumberFeature $predicted, ObservedNumber $shown): bool
    {
        return $predicted->overload || $shown->overload
            ? $predicted->overload === $shown->overload
            : abs($shown->si - $predicted->mean) <= self::DEVIATIONS * hypot($predicted->spread(), $shown->resolution);
    }
}
