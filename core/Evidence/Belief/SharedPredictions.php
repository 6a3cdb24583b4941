<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\SeriesFeature;
use Lernfall\Bay\Contract\TraceFeature;

/** What is expected a second time is kept once: by the same hypothesis of the same question; and curves by many hypotheses, for most faults sit elsewhere. */
final class SharedPredictions
{
    /** @var array<string, list<Prediction>> by what is quickly compared */
    private array $known = [];

    /** @param  ?Prediction  $before  what the hypothesis expected when the same was asked before */
    public function of(Branch $branch, ?Prediction $before): Branch
    {
        $shared = $before !== null && $before == $branch->prediction ? $before : $this->shared($branch->prediction);

        return $shared === $branch->prediction ? $branch : new Branch($branch->weight, $branch->car, $shared);
    }

    private function shared(Prediction $prediction): Prediction
    {
        $key = self::key($prediction);
        if ($key === null) {
            return $prediction;
        }
        foreach ($this->known[$key] ?? [] as $one) {
            if ($one == $prediction) {
                return $one;
            }
        }

        return $this->known[$key][] = $prediction;
    }

    /** Its numbers; null where it has no curve. */
    private static function key(Prediction $prediction): ?string
    {
        $hasCurve = false;
        $key = $prediction->kind;
        foreach ($prediction->features as $feature) {
            $hasCurve = $hasCurve || $feature instanceof TraceFeature || $feature instanceof SeriesFeature;
            $key .= $feature instanceof NumberFeature ? "|$feature->mean" : '';
        }

        return $hasCurve ? $key : null;
    }
}
