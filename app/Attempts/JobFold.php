<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\CaseVersion;
use Lernfall\Bay\Job\Job;
use Lernfall\Format\ActionReader;
use Lernfall\Format\CaseDocument;
use Lernfall\Format\ObservationFormat;

/** An attempt's job, folded from its stored actions. */
final readonly class JobFold
{
    public function __construct(private ContentLibrary $library)
    {
    }

    public function document(CaseVersion $version): CaseDocument
    {
        return $this->library->caseReader()->read($version->decoded());
    }

    public function of(Attempt $attempt): Job
    {
        $simulator = $this->library->simulator();

        return $attempt->actions->reduce(
            static fn (Job $job, AttemptAction $stored): Job => $job->recall(
                ActionReader::read($stored->action),
                ObservationFormat::read($stored->observation),
                $simulator,
            ),
            Job::begin($this->document($attempt->version)->case, $attempt->seed),
        );
    }
}
