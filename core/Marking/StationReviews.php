<?php

declare(strict_types=1);

namespace Lernfall\Marking;

use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Worksheet\MarkStation;
use Lernfall\Bay\Worksheet\StationMark;
use Lernfall\Evidence\Belief\BeliefHistory;
use Lernfall\Evidence\Belief\Posterior;
use Lernfall\Fault\Fault;

/** The marks on the strip, compared with the card before the first repair, or when the job is closed without one. */
final readonly class StationReviews
{
    /** A station nobody judged is worth a word only where the fault most likely sits. */
    private const LIKELY = 0.5;

    /** @return list<StationReview> those that were marked, and the one that should have been */
    public static function of(Job $job, BeliefHistory $history, Card $card): array
    {
        $at = self::moment($job);
        if ($at === null) {
            return [];
        }
        $chances = self::chances($history->before($at)->written($card->before($at)));
        $marks = self::marks($job, $at);
        $reviews = [];
        foreach ($marks as $place => $mark) {
            [$channel, $station] = explode('/', $place);
            $reviews[] = new StationReview($channel, $station, $mark, $chances[$place] ?? 0.0);
        }
        foreach ($marks === [] ? [] : array_diff_key($chances, $marks) as $place => $chance) {
            if ($chance >= self::LIKELY) {
                $reviews[] = new StationReview(explode('/', $place)[0], explode('/', $place)[1], StationMark::NotJudged, $chance);
            }
        }

        return $reviews;
    }

    /** The first repair, or the closing. */
    private static function moment(Job $job): ?int
    {
        $repair = $job->stepsOf(Repair::class)[0] ?? null;

        return $repair->number ?? ($job->isConcluded() ? count($job->steps) : null);
    }

    /** @return array<string, StationMark> by "channel/station", as they stood before a step */
    private static function marks(Job $job, int $before): array
    {
        $marks = [];
        foreach ($job->stepsOf(MarkStation::class) as $step) {
            if ($step->number < $before && $step->action instanceof MarkStation) {
                $marks["{$step->action->channel}/{$step->action->station}"] = $step->action->mark;
            }
        }

        return array_filter($marks, static fn (StationMark $mark): bool => $mark !== StationMark::NotJudged);
    }

    /** @return array<string, float> chance that the fault sits there, by "channel/station" */
    private static function chances(Posterior $posterior): array
    {
        $chances = [];
        foreach ($posterior->chances as $hypothesis => $chance) {
            foreach (array_unique(array_map(static fn (Fault $fault): string => "$fault->channel/{$fault->kind->station}", $posterior->hypotheses->all[$hypothesis]->faults)) as $place) {
                $chances[$place] = ($chances[$place] ?? 0.0) + $chance;
            }
        }

        return $chances;
    }
}
