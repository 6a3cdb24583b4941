<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\CaseVersion;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Job\Job;
use Lernfall\Format\ActionReader;
use Lernfall\Format\CaseDocument;
use Lernfall\Format\ObservationFormat;

/** An attempt's job, folded from its stored actions. */
final readonly class JobFold
{
    public function __construct(private ContentLibrary $library, private KeptCars $cars)
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

    /** The same for an answer: from the cars that were kept, as far as they were. */
    public function now(Attempt $attempt): Job
    {
        $cars = $this->cars->of($attempt);
        $job = $this->folded($attempt, $cars);
        if (count($cars) <= count($job->steps)) {
            $this->keep($attempt, $job);
        }

        return $job;
    }

    /** What the next answer begins from; a job that is closed has none. */
    public function keep(Attempt $attempt, Job $job): void
    {
        $job->isConcluded() ? $this->cars->forget($attempt) : $this->cars->keep($attempt, $job);
    }

    /** @param  list<Car>  $cars  as it came in, then after each step */
    private function folded(Attempt $attempt, array $cars): Job
    {
        $simulator = $this->library->simulator();
        $job = Job::begin($this->document($attempt->version)->case, $attempt->seed);

        return $attempt->actions->reduce(
            static function (Job $job, AttemptAction $stored) use ($cars, $simulator): Job {
                [$action, $shown] = [ActionReader::read($stored->action), ObservationFormat::read($stored->observation)];
                $after = $cars[$stored->number] ?? null;

                return $after === null ? $job->recall($action, $shown, $simulator) : $job->resumed($action, $shown, $after, $simulator);
            },
            $cars === [] ? $job : $job->on($cars[0]),
        );
    }
}
