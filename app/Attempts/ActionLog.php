<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Documents\SchemaCheck;
use App\Models\Attempt;
use App\Models\AttemptAction;
use Illuminate\Database\UniqueConstraintViolationException;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\ActionReader;
use Lernfall\Format\ObservationFormat;
use Lernfall\Revision;

/** Takes the next action of an attempt: stored before it is answered, and answered alike when it is sent again. */
final readonly class ActionLog
{
    public function __construct(private ContentLibrary $library, private JobFold $fold, private SchemaCheck $schemas)
    {
    }

    /**
     * @param  int  $number  the number the sender takes to be next
     * @param  string  $key  the sender's own name for this action
     * @param  array<string, mixed>  $action
     *
     * @throws StaleNumber|UnfitAction|InvalidDocument
     */
    public function take(Attempt $attempt, int $number, string $key, array $action): RecordedAction
    {
        $known = $attempt->actions->firstWhere('key', $key);
        if ($known !== null) {
            return new RecordedAction($known, $this->fold->of($attempt));
        }
        if ($number !== $attempt->actions->count() + 1) {
            throw StaleNumber::of($attempt);
        }
        $next = ActionReader::read($action);
        $job = $this->fold->of($attempt)->do($next, $this->library->simulator());
        $this->schemas->check($action, 'action#'.$next->name()); // nothing else is stored
        $step = $job->lastStep();
        assert($step !== null);
        $entry = $this->stored($attempt, $step, $key, $action);

        return new RecordedAction($entry, $job);
    }

    /** @param  array<string, mixed>  $action */
    private function stored(Attempt $attempt, Step $step, string $key, array $action): AttemptAction
    {
        try {
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
        } catch (UniqueConstraintViolationException) {
            $attempt->load('actions');

            return $attempt->actions->firstWhere('key', $key) ?? throw StaleNumber::of($attempt);
        }
        $attempt->actions->push($entry);
        if ($action['do'] === 'conclude') {
            $attempt->update(['concluded_at' => now()]);
        }

        return $entry;
    }
}
