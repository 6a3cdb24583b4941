<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\Attempt;
use App\Models\Belief;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Belief\HypothesisSet;
use Lernfall\Evidence\Belief\Possible;
use Lernfall\Format\LikelyFormat;
use Lernfall\Revision;

/**
 * What is still possible in jobs under way, kept after each step. The worker remembers where each job stands, so that a
 * step costs one step; a worker that starts anew goes through the job once.
 */
final class BeliefTracker
{
    /** Jobs remembered at a time: some 25 megabytes each after sixty steps. Any other is gone through once more. */
    private const MOST = 8;

    /** @var array<int, array{int, HypothesisSet}> steps seen, and what they left open, by attempt; the one followed last at the end */
    private array $known = [];

    public function __construct(private readonly ContentLibrary $library, private readonly JobFold $fold)
    {
    }

    public function upTo(Attempt $attempt): void
    {
        $job = $this->fold->of($attempt);
        [$seen, $set] = $this->known[$attempt->id] ?? [0, $this->beginning($attempt)];
        foreach (array_slice($job->steps, $seen) as $step) {
            $set = $set->after($step);
        }
        $this->remember($attempt, $job, $set);
        $possible = Possible::after(count($job->steps), $set->shown());
        Belief::query()->updateOrCreate(
            ['attempt_id' => $attempt->id, 'step' => $possible->step],
            ['open' => $possible->open, 'foremost' => LikelyFormat::write($possible->foremost), 'core_revision' => Revision::CURRENT],
        );
    }

    private function beginning(Attempt $attempt): HypothesisSet
    {
        $document = $this->fold->document($attempt->version);

        return $this->library->evidence()->of($document->case, $document->knowledge)->beginning();
    }

    private function remember(Attempt $attempt, Job $job, HypothesisSet $set): void
    {
        unset($this->known[$attempt->id]);
        $this->known = array_slice($this->known, -self::MOST + 1, preserve_keys: true);
        if (! $job->isConcluded()) {
            $this->known[$attempt->id] = [count($job->steps), $set];
        }
    }
}
