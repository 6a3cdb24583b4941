<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\Attempt;
use App\Models\Belief;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Possible;
use Lernfall\Format\CaseDocument;
use Lernfall\Format\LikelyFormat;
use Lernfall\Marking\Judged;
use Lernfall\Revision;

/**
 * Follows jobs under way: what is still possible is kept after each step, and repairs are judged when they are made. The worker
 * remembers where each job stands, so that a step costs one step.
 */
final class BeliefTracker
{
    public function __construct(private readonly ContentLibrary $library, private readonly JobFold $fold, private readonly FollowedJobs $jobs)
    {
    }

    /**
     * Up to the newest step, or as far as the time goes.
     *
     * @param  float  $seconds  after which no further step is begun
     * @return bool whether it has come to the newest step
     */
    public function follow(Attempt $attempt, float $seconds = INF): bool
    {
        $until = microtime(true) + $seconds;
        $job = $this->fold->of($attempt);
        $document = $this->fold->document($attempt->version);
        $followed = $this->followed($attempt, $job, $document);
        $seen = $followed->steps;
        [$belief, $judged] = [$followed->belief, $followed->judged];
        foreach (array_slice($job->steps, $seen) as $step) {
            if ($seen > $followed->steps && microtime(true) >= $until) {
                break;
            }
            $belief = $job->isConcluded() ? $belief : $belief->after($step); // of a closed job only the marks are wanted
            $judged = $this->library->marker()->follow($judged, $job, $document->policy, $document->knowledge, ++$seen);
        }
        $this->jobs->remember($attempt, new FollowedJob($seen, $belief, $judged));
        if (! $job->isConcluded()) {
            $this->keep($attempt, Possible::after($seen, $belief->shown()));
        }

        return $seen === count($job->steps);
    }

    private function keep(Attempt $attempt, Possible $possible): void
    {
        Belief::query()->updateOrCreate(
            ['attempt_id' => $attempt->id, 'step' => $possible->step],
            ['open' => $possible->open, 'foremost' => LikelyFormat::write($possible->foremost), 'core_revision' => Revision::CURRENT],
        );
    }

    /** What is believed after just so many steps; null where that is not in memory. */
    public function believed(Attempt $attempt, int $steps): ?HypothesisSet
    {
        $followed = $this->jobs->of($attempt);

        return $followed?->steps === $steps ? $followed->belief : null;
    }

    /** What was judged of a job on the way; null where it was not followed. */
    public function judged(Attempt $attempt, Job $job, CaseDocument $document): ?Judged
    {
        return ($this->jobs->of($attempt) ?? $this->fromDisk($attempt, $job, $document))?->judged;
    }

    /** A job that is closed and marked need not be remembered. */
    public function forget(Attempt $attempt): void
    {
        $this->jobs->forget($attempt);
    }

    private function followed(Attempt $attempt, Job $job, CaseDocument $document): FollowedJob
    {
        return $this->jobs->of($attempt) ?? $this->fromDisk($attempt, $job, $document) ?? $this->beginning($document);
    }

    private function fromDisk(Attempt $attempt, Job $job, CaseDocument $document): ?FollowedJob
    {
        $kept = $this->jobs->kept($attempt);

        return $kept === null ? null : FollowedJob::restored($kept, $this->beginning($document), $job);
    }

    private function beginning(CaseDocument $document): FollowedJob
    {
        return new FollowedJob(
            0,
            $this->library->evidence()->of($document->case, $document->knowledge)->beginning(),
            $this->library->marker()->begin($document->case, $document->knowledge),
        );
    }
}
