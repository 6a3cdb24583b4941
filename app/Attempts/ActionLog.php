<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Documents\SchemaCheck;
use App\Lesson\NotYourPlace;
use App\Lesson\PausedJob;
use App\Lesson\Places;
use App\Lesson\TimeIsUp;
use App\Lesson\WorkingTime;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\User;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\Job;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\ActionReader;
use Lernfall\Format\ObservationFormat;
use Lernfall\Revision;

/** Takes the next action of an attempt: stored before it is answered, and answered alike when it is sent again. */
final readonly class ActionLog
{
    public function __construct(private ContentLibrary $library, private JobFold $fold, private SchemaCheck $schemas, private Closing $closing, private Pace $pace)
    {
    }

    /**
     * @param  int  $number  the number the sender takes to be next
     * @param  string  $key  the sender's own name for this action
     * @param  array<string, mixed>  $action
     * @param  ?User  $by  who sends it, of two who may work together
     *
     * @throws StaleNumber|ReusedKey|TooFast|FullJob|AnnulledJob|PausedJob|TimeIsUp|NotYourPlace|UnfitAction|InvalidDocument
     */
    public function take(Attempt $attempt, int $number, string $key, array $action, ?User $by = null): RecordedAction
    {
        $admitted = $this->admit($attempt, $number, $key, $action, $by);

        return $admitted instanceof RecordedAction ? $admitted : $this->do($admitted);
    }

    /**
     * Looks whether it can be done, without doing it.
     *
     * @param  array<string, mixed>  $action
     * @param  ?User  $by  as above
     * @return RecordedAction|AdmittedAction recorded where it had been taken before
     *
     * @throws StaleNumber|ReusedKey|TooFast|FullJob|AnnulledJob|PausedJob|TimeIsUp|NotYourPlace|UnfitAction|InvalidDocument
     */
    public function admit(Attempt $attempt, int $number, string $key, array $action, ?User $by = null): RecordedAction|AdmittedAction
    {
        $known = $attempt->entry($key);
        if ($known !== null) {
            return $this->again($attempt, $known, $number, $action);
        }
        if ($number !== $attempt->actions->count() + 1) {
            throw StaleNumber::of($attempt);
        }
        if ($attempt->assignment?->annulled_at !== null) {
            throw new AnnulledJob;
        }
        $this->pace->check($attempt);
        $next = ActionReader::read($action);
        WorkingTime::of($attempt)->refuse($next);
        $by === null || Places::refuse($attempt, $by, $next);
        if (! Room::of($attempt)->takes($next->name())) {
            throw new FullJob;
        }
        $before = $this->fold->now($attempt);
        $before->check($next, $this->library->simulator()); // says it in words of the workshop
        $this->schemas->check($action, 'action#'.$next->name()); // nothing else is stored, nor anything done for it

        return new AdmittedAction($attempt, $before, $next, $key, $action, now(), $by?->id);
    }

    /**
     * @param  ?float  $accepted  seconds since 1970, where the answer is held back on the grid that begins there
     *
     * @throws StaleNumber|ReusedKey
     */
    public function do(AdmittedAction $admitted, ?float $accepted = null): RecordedAction
    {
        $job = $admitted->before->do($admitted->next, $this->library->simulator());
        $step = $job->lastStep();
        assert($step !== null);

        return $this->stored($admitted, $job, $step, $accepted);
    }

    /**
     * What was stored under this key; nothing happens a second time.
     *
     * @param  array<string, mixed>  $action
     *
     * @throws ReusedKey
     */
    private function again(Attempt $attempt, AttemptAction $known, int $number, array $action): RecordedAction
    {
        if ($known->number !== $number || $known->action != $action) {
            throw new ReusedKey;
        }

        return new RecordedAction($known, $this->fold->now($attempt), isNew: false);
    }

    private function stored(AdmittedAction $admitted, Job $job, Step $step, ?float $accepted): RecordedAction
    {
        $attempt = $admitted->attempt;
        try {
            $entry = DB::transaction(fn (): AttemptAction => $this->entered($admitted, $job, $step, $accepted));
        } catch (UniqueConstraintViolationException) {
            $attempt->load('actions');

            return $this->again($attempt, $attempt->entry($admitted->key) ?? throw StaleNumber::of($attempt), $step->number, $admitted->written);
        }
        $attempt->actions->push($entry);
        $this->fold->keep($attempt, $job);

        return new RecordedAction($entry, $job);
    }

    private function entered(AdmittedAction $admitted, Job $job, Step $step, ?float $accepted): AttemptAction
    {
        $entry = AttemptAction::query()->create([
            'attempt_id' => $admitted->attempt->id,
            'number' => $step->number,
            'key' => $admitted->key,
            'action' => $admitted->written,
            'observation' => ObservationFormat::write($step->observation),
            'minutes' => $step->cost->minutes,
            'money' => $step->cost->money,
            'core_revision' => Revision::CURRENT,
            'done_at' => $admitted->at,
            'by_id' => $admitted->by,
            'shown_from' => $accepted === null ? null : HeldAnswers::shownFrom($accepted, microtime(true)),
        ]);
        if ($job->isConcluded()) {
            $this->closing->close($admitted->attempt, $entry);
        }

        return $entry;
    }
}
