<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\BuiltIn;
use App\Models\Attempt;
use App\Models\Belief;
use Lernfall\Bay\Job\Job;
use Lernfall\Evidence\Lineup;
use Lernfall\Evidence\Possible;
use Lernfall\Format\LikelyFormat;
use Lernfall\Revision;

/**
 * What is still possible in jobs under way, kept after each step. The worker remembers where each job stands, so that a
 * step costs one step; a worker that starts anew goes through the job once.
 */
final class Following
{
    /** Jobs remembered at a time: a class. */
    private const MOST = 40;

    /** @var array<int, array{int, Lineup}> steps seen, and what they left open, by attempt; the one followed last at the end */
    private array $known = [];

    public function __construct(private readonly BuiltIn $builtIn, private readonly JobFold $fold)
    {
    }

    public function upTo(Attempt $attempt): void
    {
        $job = $this->fold->of($attempt);
        [$seen, $lineup] = $this->known[$attempt->id] ?? [0, $this->beginning($attempt)];
        foreach (array_slice($job->steps, $seen) as $step) {
            $lineup = $lineup->after($step);
        }
        $this->remember($attempt, $job, $lineup);
        $possible = Possible::after(count($job->steps), $lineup->shown());
        Belief::query()->updateOrCreate(
            ['attempt_id' => $attempt->id, 'step' => $possible->step],
            ['open' => $possible->open, 'foremost' => LikelyFormat::write($possible->foremost), 'core_revision' => Revision::CURRENT],
        );
    }

    private function beginning(Attempt $attempt): Lineup
    {
        $document = $this->fold->document($attempt->version);

        return Lineup::of($this->builtIn->suspects()->of($document->case, $document->knowledge), $this->builtIn->weighing(), $document->case->equips($this->builtIn->simulator()));
    }

    private function remember(Attempt $attempt, Job $job, Lineup $lineup): void
    {
        unset($this->known[$attempt->id]);
        $this->known = array_slice($this->known, -self::MOST + 1, preserve_keys: true);
        if (! $job->isConcluded()) {
            $this->known[$attempt->id] = [count($job->steps), $lineup];
        }
    }
}
