<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Prediction;

/** What a question was expected to show on a hypothesis' car when it was asked, and what was shown. */
final readonly class Answer
{
    /** A number that has moved by no more than this share of it is no news: copper does, between a cold and a hot hub. Common practice, no source. */
    private const DRIFT = 0.25;

    public function __construct(public Prediction $predicted, public Observation $shown)
    {
    }

    /** Whether this prediction expects nothing worth asking again for. */
    public function expects(Prediction $prediction): bool
    {
        return $this->isOfOneKindWith($prediction) && array_filter(
            array_keys($prediction->features), fn (string $name): bool => ! self::isAsBefore($this->predicted->features[$name], $prediction->features[$name]),
        ) === [];
    }

    /** By how much this prediction expects something else: in standard deviations of the number that moves most; INF where a word or an overload changes. */
    public function change(Prediction $prediction): float
    {
        if ($this->predicted === $prediction) {
            return 0.0; // on a car that stands as it did
        }
        if (! $this->isOfOneKindWith($prediction)) {
            return INF;
        }
        $most = 0.0;
        foreach ($prediction->features as $name => $feature) {
            $then = $this->predicted->features[$name];
            $most = max($most, match (true) {
                $feature instanceof NumberFeature && $then instanceof NumberFeature && $then->overload === $feature->overload => abs($feature->mean - $then->mean) / max(1e-12, $feature->spread()),
                Distinguishability::areAlike($then, $feature) => 0.0,
                default => INF,
            });
        }

        return $most;
    }

    private function isOfOneKindWith(Prediction $prediction): bool
    {
        return $prediction->kind === $this->predicted->kind && $prediction->refusal === $this->predicted->refusal && array_keys($prediction->features) == array_keys($this->predicted->features);
    }

    private static function isAsBefore(Feature $then, Feature $now): bool
    {
        return Distinguishability::areAlike($then, $now)
            || $then instanceof NumberFeature && $now instanceof NumberFeature && $then->overload === $now->overload && abs($now->mean - $then->mean) <= self::DRIFT * abs($then->mean);
    }
}
