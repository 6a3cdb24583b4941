<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Documents\SchemaCheck;
use App\Models\Attempt;
use App\Models\AttemptAction;
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
    public function __construct(private ContentLibrary $library, private JobFold $fold, private SchemaCheck $schemas, private Closing $closing)
    {
    }

    /**
     * @param  int  $number  the number the sender takes to be next
     * @param  string  $key  the sender's own name for this action
     * @param  array<string, mixed>  $action
     *
     * @throws StaleNumber|ReusedKey|UnfitAction|InvalidDocument
     */
    public function take(Attempt $attempt, int $number, string $key, array $action): RecordedAction
    {
        $known = $attempt->actions->firstWhere('key', $key);
        if ($known !== null) {
            return $this->again($attempt, $known, $number, $action);
        }
        if ($number !== $attempt->actions->count() + 1) {
            throw StaleNumber::of($attempt);
        }
        $next = ActionReader::read($action);
        $before = $this->fold->of($attempt);
        $before->check($next, $this->library->simulator()); // says it in words of the workshop
        $this->schemas->check($action, 'action#'.$next->name()); // nothing else is stored, nor anything done for it
        $job = $before->do($next, $this->library->simulator());
        $step = $job->lastStep();
        assert($step !== null);

        return $this->stored($attempt, $job, $step, $key, $action);
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

        return new RecordedAction($known, $this->fold->of($attempt), isNew: false);
    }

    /** @param  array<string, mixed>  $action */
    private function stored(Attempt $attempt, Job $job, Step $step, string $key, array $action): RecordedAction
    {
        try {
            $entry = DB::transaction(fn (): AttemptAction => $this->entered($attempt, $job, $step, $key, $action));
        } catch (UniqueConstraintViolationException) {
            $attempt->load('actions');

            return $this->again($attempt, $attempt->actions->firstWhere('key', $key) ?? throw StaleNumber::of($attempt), $step->number, $action);
        }
        $attempt->actions->push($entry);

        return new RecordedAction($entry, $job);
    }

    /** @param  array<string, mixed>  $action */
    private function entered(Attempt $attempt, Job $job, Step $step, string $key, array $action): AttemptAction
    {
        $entry = AttemptAction::query()->create([
            'attempt_id' => $attempt->id,
            'number' => $step->number,
            'key' => $key,
            'action' => $action,
            'observation' => ObservationFormat::write($step->observation),
            'minutes' => $step->cost->minutes,
            'money' => $step->cost->money,
            'core_revision' => Revision::CURRENT,
            'done_at' => now(),
        ]);
        if ($job->isConcluded()) {
            $this->closing->close($attempt, $entry);
        }

        return $entry;
    }
}
