<?php

declare(strict_types=1);

namespace Lernfall\Marking\Criterion;

use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Bay\Worksheet\WriteSensor;
use Lernfall\Evidence\Belief\WorksheetReading;
use Lernfall\Marking\Card;
use Lernfall\Marking\Comparison;
use Lernfall\Marking\Criterion;
use Lernfall\Marking\Decision;
use Lernfall\Marking\JudgedReading;
use Lernfall\Marking\Mistake\OhmsOnActiveSensor;
use Lernfall\Marking\Rests;
use Lernfall\Marking\School\Comparing;
use Lernfall\Marking\School\OhmsOnActive;
use Lernfall\Marking\School\Schools;
use Lernfall\Marking\Verdict;

/**
 * Written readings were judged rightly: "in" where a sound car shows the same in that state, "out" or "differs" where it does
 * not. Each counts for as much as hangs on it: what moved no repair hardly counts, however often it was written.
 * Whoever wrote down what kind of sensor it is and what its wires do has judged that as well.
 */
final readonly class RightJudgement implements Criterion
{
    /** What a reading counts at least, beside one that decided everything. */
    private const LEAST_WEIGHT = 0.02;

    /** What the same reading counts that was written down once more. */
    private const AGAIN_WEIGHT = 0.01;

    /** A repair rests on a reading from so much that it moved; left unsure, such a one was not judged. */
    private const RESTS_FROM = 0.1;

    /** Of one left unsure where nothing was repaired. */
    private const UNSURE_SHARE = 0.5;

    /** What is left where the policy wants to know what a reading was compared with, and it was not said, or only across the axles. */
    private const UNSTATED_SHARE = 0.5;

    /** @param  list<Decision>  $decisions */
    public function __construct(private Card $card, private Rests $rests, private array $decisions, private Schools $schools = new Schools)
    {
    }

    public function id(): string
    {
        return 'judgement';
    }

    public function judge(Job $job): Verdict
    {
        $moves = $this->rests->moves(...$this->decisions);
        $shares = [];
        $weights = [];
        /** @var array<string, Step> $found the first of each kind of flaw */
        $found = [];
        $compared = null;
        $asked = [];
        foreach ($job->entries(WriteReading::class) as $step) {
            $written = $step->action;
            $judged = $this->card->judged($step);
            if (! $written instanceof WriteReading || $judged === null || $judged->share === null && ! $judged->isOpen) {
                continue;
            }
            $question = $this->question($job, $written);
            $move = $this->decisions === [] ? null : $moves[$written->of] ?? 0.0;
            [$share, $flaw] = $this->shared($job, $written, $judged, $move);
            $found[$flaw] ??= $step;
            $compared ??= $judged->with === null ? null : [$step, $judged->with];
            $shares[] = $share;
            $weights[] = isset($asked[$question]) ? self::AGAIN_WEIGHT : max(self::LEAST_WEIGHT, $move ?? 1.0);
            $asked[$question] = true;
        }
        foreach ($job->entries(WriteCode::class) as $step) {
            $isRight = $this->card->judgedCode($step)?->isRight;
            if ($isRight === null) {
                continue;
            }
            $shares[] = $isRight ? 1.0 : 0.0;
            $weights[] = max(self::LEAST_WEIGHT, $this->decisions === [] ? 1.0 : $moves[$this->listed($job, $step)] ?? 0.0);
            $found[$isRight ? 'right' : 'change'] ??= $step;
        }
        foreach ($job->entries(WriteSensor::class) as $step) {
            $shares[] = $share = $this->ofSensor($job, $step);
            $weights[] = 1.0;
            $found[$share < 1.0 ? 'sensor' : 'right'] ??= $step;
        }

        return $shares === []
            ? new Verdict(0.0, null, 'mark.judgement.none', [], 'mark.judgement.remedy')
            : $this->verdict(array_sum(array_map(static fn (float $share, float $weight): float => $share * $weight, $shares, $weights)) / array_sum($weights), $found, $compared);
    }

    /**
     * @param  ?float  $move  how much it moved; null where nothing was repaired
     * @return array{float, string} share, and the word for what is wrong with it
     */
    private function shared(Job $job, WriteReading $written, JudgedReading $judged, ?float $move): array
    {
        $shown = $job->step($written->of);
        $ohms = $this->schools->ohmsOnActive === OhmsOnActive::Invalid && OhmsOnActiveSensor::isIn($job, $written);
        $isUnstated = ($judged->share ?? 0.0) > 0.0 && $this->schools->comparing === Comparing::Stated && $judged->with === null && $shown !== null && ! (new Comparison($job))->isStated($written, $shown);

        return match (true) {
            $ohms => [0.0, 'ohms'],
            $judged->differs => [0.0, 'differs'],
            $judged->isOpen && $move === null => [self::UNSURE_SHARE, 'unsure'],
            $judged->isOpen => $move < self::RESTS_FROM ? [1.0, 'right'] : [0.0, 'unsure'],
            $judged->share === 0.0 => [0.0, 'wrong'],
            $isUnstated => [self::UNSTATED_SHARE * ($judged->share ?? 0.0), 'unstated'],
            ($judged->share ?? 0.0) < 1.0 => [$judged->share ?? 0.0, 'alone'],
            default => [1.0, 'right'],
        };
    }

    private function question(Job $job, WriteReading $written): string
    {
        $action = $job->step($written->of)?->action;

        return ($action instanceof CarAction ? $action->question() : '')." $written->feature $written->value $written->unit $written->word";
    }

    /**
     * @param  array<string, Step>  $found
     * @param  ?array{Step, Step}  $compared
     */
    private function verdict(float $share, array $found, ?array $compared): Verdict
    {
        $of = static fn (Step $step): array => ['step' => $step->action instanceof WriteReading ? $step->action->of : $step->number];

        return match (true) {
            isset($found['ohms']) => new Verdict($share, $found['ohms']->number, 'mark.judgement.ohms-on-active', [], 'mark.judgement.remedy'),
            isset($found['differs']) => new Verdict($share, $found['differs']->number, 'mark.judgement.differs', $of($found['differs']), 'mark.reading.read-again'),
            isset($found['wrong']) => new Verdict($share, $found['wrong']->number, 'mark.judgement.wrong', $of($found['wrong']), 'mark.judgement.remedy'),
            isset($found['change']) => new Verdict($share, $found['change']->number, 'mark.judgement.change', [], 'mark.judgement.change-remedy'),
            isset($found['sensor']) => new Verdict($share, $found['sensor']->number, 'mark.judgement.sensor', [], 'mark.judgement.sensor-remedy'),
            isset($found['unstated']) => new Verdict($share, $found['unstated']->number, 'mark.judgement.unstated', [], 'mark.judgement.state'),
            isset($found['alone']) => new Verdict($share, $found['alone']->number, 'mark.judgement.alone', $of($found['alone']), 'mark.judgement.remedy'),
            $share < 1.0 => new Verdict($share, ($found['unsure'] ?? null)?->number, 'mark.judgement.unsure', [], 'mark.judgement.remedy'),
            $compared !== null => new Verdict(1.0, $compared[0]->number, 'mark.judgement.compared', ['step' => $of($compared[0])['step'], 'with' => $compared[1]->number]),
            default => new Verdict(1.0, null, 'mark.judgement.right'),
        };
    }

    /** The step that showed a code. */
    private function listed(Job $job, Step $written): int
    {
        return $written->action instanceof WriteCode ? WorksheetReading::source($job, $written->action, $written->number)->number ?? 0 : 0;
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
}
