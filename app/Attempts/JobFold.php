<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\CaseVersion;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Format\ActionReader;
use Lernfall\Format\CaseDocument;
use Lernfall\Format\ObservationFormat;

/** An attempt's job, folded from its stored actions. */
final readonly class JobFold
{
    public function __construct(private ContentLibrary $library, private KeptSteps $steps)
    {
    }

    public function document(CaseVersion $version): CaseDocument
    {
        return $this->library->caseReader()->read($version->decoded());
    }

    /** Worked out from its beginning. */
    public function of(Attempt $attempt): Job
    {
        return $this->folded($attempt, []);
    }

    /** The same for an answer: from the steps that were kept, as far as they were. */
    public function now(Attempt $attempt): Job
    {
        $steps = $this->steps->of($attempt);
        $job = $this->folded($attempt, $steps);
        if (count($steps) < count($job->steps)) {
            $this->keep($attempt, $job);
        }

        return $job;
    }

    /** What the next answer begins from, with what was shown as it was stored; a job that is closed has none. */
    public function keep(Attempt $attempt, Job $job): void
    {
        $last = $job->lastStep();
        $stored = $attempt->actions->last();
        if ($last === null || $stored === null || $job->isConcluded()) {
            $this->steps->forget($attempt);

            return;
        }
        [$action, $shown] = self::read($stored);
        $this->steps->keep($attempt, [...array_slice($job->steps, 0, -1), new Step($last->number, $action, $shown, $last->cost, $last->before, $last->after)]);
    }

    /** @param  list<Step>  $steps  the first of them */
    private function folded(Attempt $attempt, array $steps): Job
    {
        $simulator = $this->library->simulator();
        $case = $this->document($attempt->version)->case;

        return $attempt->actions->slice(count($steps))->reduce(
            static fn (Job $job, AttemptAction $stored): Job => $job->recall(...[...self::read($stored), $simulator]),
            $steps === [] ? Job::begin($case, $attempt->seed) : Job::after($case, $attempt->seed, $steps),
        );
    }

    /** @return array{Action, Observation} */
    private static function read(AttemptAction $stored): array
    {
        return [ActionReader::read($stored->action), ObservationFormat::read($stored->observation)];
    }
}
