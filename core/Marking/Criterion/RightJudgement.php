<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Bay\Worksheet\WriteSensor;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Evidence\Belief\Distinguishability;
use Lernfall\Marking\Comparison;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Mistake\OhmsOnActiveSensor;
use Lernfall\Marking\School\Comparing;
use Lernfall\Marking\School\OhmsOnActive;
use Lernfall\Marking\School\Schools;
use Lernfall\Marking\Verdict;

/**
 * Written readings were judged rightly: "in" where a sound car shows the same in that state, "out" where it does not.
 * Whoever wrote down what kind of sensor it is and what its wires do has judged that as well.
 * Whoever was unsure and took the same reading at a corner without a code in the same state has judged it as well.
 */
final readonly class RightJudgement implements Criterion
{
    /** So near to a sound car either judgement may be defended: sheets give ranges. */
    private const DEFENSIBLE = 0.15;

    private const UNSURE_SHARE = 0.5;

    /** What is left where the policy wants to know what a reading was compared with, and it was not said, or only across the axles. */
    private const UNSTATED_SHARE = 0.5;

    public function __construct(private BeliefHistory $history, private Schools $schools = new Schools)
    {
    }

    public function id(): string
    {
        return 'judgement';
    }

    public function judge(Job $job): Verdict
    {
        $comparison = new Comparison($job);
        $shares = [];
        $wrong = null;
        $compared = null;
        $unstated = null;
        $ohms = null;
        foreach ($job->stepsOf(WriteReading::class) as $step) {
            $written = $step->action;
            $shown = $written instanceof WriteReading ? $job->step($written->of) : null;
            $share = $written instanceof WriteReading && $shown !== null ? $this->share($written, $shown->observation) : null;
            if ($shown === null || $share === null) {
                continue;
            }
            $with = $comparison->of($shown);
            $compared ??= $with === null ? null : [$shown, $with];
            $share = $with !== null && $share === self::UNSURE_SHARE ? 1.0 : $share;
            if ($this->schools->ohmsOnActive === OhmsOnActive::Invalid && OhmsOnActiveSensor::isIn($job, $written)) {
                $ohms ??= $step;
                $share = 0.0;
            }
            $wrong ??= $share === 0.0 ? $step : null;
            $isUnstated = $share > 0.0 && $this->schools->comparing === Comparing::Stated && $with === null && ! $comparison->isStated($written, $shown);
            $unstated ??= $isUnstated ? $step : null;
            $shares[] = $isUnstated ? self::UNSTATED_SHARE * $share : $share;
        }

        $mistaken = null;
        foreach ($job->stepsOf(WriteSensor::class) as $step) {
            $shares[] = $share = $this->ofSensor($job, $step);
            $mistaken ??= $share < 1.0 ? $step : null;
        }

        return $shares === []
            ? new Verdict(0.0, null, 'mark.judgement.none', [], 'mark.judgement.remedy')
            : $this->verdict(array_sum($shares) / count($shares), $ohms, $wrong ?? $mistaken, $unstated, $compared);
    }

    /** @param  ?array{Step, Step}  $compared */
    private function verdict(float $share, ?Step $ohms, ?Step $wrong, ?Step $unstated, ?array $compared): Verdict
    {
        return match (true) {
            $ohms !== null => new Verdict($share, $ohms->number, 'mark.judgement.ohms-on-active', [], 'mark.judgement.remedy'),
            $wrong?->action instanceof WriteSensor => new Verdict($share, $wrong->number, 'mark.judgement.sensor', [], 'mark.judgement.sensor-remedy'),
            $wrong !== null => new Verdict($share, $wrong->number, 'mark.judgement.wrong', ['step' => $wrong->action instanceof WriteReading ? $wrong->action->of : $wrong->number], 'mark.judgement.remedy'),
            $unstated !== null => new Verdict($share, $unstated->number, 'mark.judgement.unstated', [], 'mark.judgement.state'),
            $share < 1.0 => new Verdict($share, null, 'mark.judgement.unsure', [], 'mark.judgement.remedy'),
            $compared !== null => new Verdict(1.0, $compared[0]->number, 'mark.judgement.compared', ['step' => $compared[0]->number, 'with' => $compared[1]->number]),
            default => new Verdict(1.0, null, 'mark.judgement.right'),
        };
    }

    /** What kind it is counts one half, what its wires do the other, each wire its part. */
    private function ofSensor(Job $job, Step $step): float
    {
        $written = $step->action;
        if (! $written instanceof WriteSensor) {
            return 0.0;
        }
        $sensor = $job->case->sound->channel($written->channel)->sensor;
        $right = count(array_filter($sensor->wireFunctions(), static fn (string $function, int $wire): bool => ($written->wires[$wire] ?? '') === $function, ARRAY_FILTER_USE_BOTH));

        return ($written->technology === $sensor->technology() ? 0.5 : 0.0) + 0.5 * $right / $sensor->conductors();
    }

    /** Null where nothing is known to judge by. */
    private function share(WriteReading $written, Observation $shown): ?float
    {
        $usual = $this->history->usual($written->of)?->features[$written->feature] ?? null;
        if ($usual === null || $written->judgement === Judgement::SaysNothing || ! array_key_exists($written->feature, $shown->values)) {
            return null;
        }
        $fits = Distinguishability::fits($usual, $shown, $written->feature);

        return match ($written->judgement) {
            Judgement::In => $fits || $this->isNear($usual, $shown, $written->feature) ? 1.0 : 0.0,
            Judgement::Out => $fits ? 0.0 : 1.0,
            default => self::UNSURE_SHARE,
        };
    }

    private function isNear(Feature $usual, Observation $shown, string $feature): bool
    {
        $number = $shown->number($feature);

        return $usual instanceof NumberFeature && ! $usual->overload && $number !== null && ! $number->overload
            && abs($number->si - $usual->mean) <= self::DEFENSIBLE * abs($usual->mean);
    }
}
