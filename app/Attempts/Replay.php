<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\AttemptCheck;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\Job;
use Lernfall\Document\InvalidDocument;
use Lernfall\Format\ActionReader;
use Lernfall\Format\MarkSheetFormat;
use Lernfall\Format\ObservationFormat;
use Lernfall\Revision;

/** Does an attempt again with the present core and notes what would come out otherwise. Nothing stored is changed. */
final readonly class Replay
{
    public function __construct(private ContentLibrary $library, private JobFold $fold)
    {
    }

    /** @param  bool  $withMarks  the marks of a closed attempt are worked out again as well */
    public function of(Attempt $attempt, bool $withMarks = true): AttemptCheck
    {
        return AttemptCheck::query()->updateOrCreate(['attempt_id' => $attempt->id], [
            'steps' => $this->steps($attempt),
            'marks' => $withMarks ? $this->marks($attempt) : [],
            'core_revision' => Revision::CURRENT,
            'checked_at' => now(),
        ]);
    }

    /** @return list<int> numbers of steps that would show or cost something else; all from one on that could not be done any more */
    private function steps(Attempt $attempt): array
    {
        $simulator = $this->library->simulator();
        $job = Job::begin($this->fold->document($attempt->version)->case, $attempt->seed);
        $differing = [];
        foreach ($attempt->actions as $stored) {
            try {
                $job = $job->do(ActionReader::read($stored->action), $simulator);
            } catch (UnfitAction|InvalidDocument) {
                return [...$differing, ...array_values($attempt->actions->where('number', '>=', $stored->number)->pluck('number')->all())];
            }
            $step = $job->lastStep();
            if ($step === null || ! $this->isAlike($stored, ObservationFormat::write($step->observation), $step->cost->minutes, $step->cost->money)) {
                $differing[] = $stored->number;
            }
        }

        return $differing;
    }

    /**
     * A look that was answered in words alone is compared by its words.
     *
     * @param  array<string, mixed>  $observation
     */
    private function isAlike(AttemptAction $stored, array $observation, float $minutes, float $money): bool
    {
        $observation = isset($stored->observation['picture']) ? $observation : array_diff_key($observation, ['picture' => true]);

        return self::plain($stored->observation) === self::plain($observation) && abs($stored->minutes - $minutes) < 1e-9 && abs($stored->money - $money) < 1e-9;
    }

    /** @return list<string> parts of the sheet that would come out otherwise */
    private function marks(Attempt $attempt): array
    {
        if ($attempt->markSheet === null) {
            return [];
        }
        $document = $this->fold->document($attempt->version);
        $now = MarkEvidence::added(MarkSheetFormat::write($this->library->marker()->mark($this->fold->of($attempt), $document->policy, $document->knowledge)), $attempt);
        $differing = [];
        foreach (['points', 'marks', 'repairs', 'possible', 'mistakes', 'stations', 'cap'] as $part) {
            if (self::plain($attempt->markSheet->sheet[$part] ?? null) !== self::plain($now[$part] ?? null)) {
                $differing[] = $part;
            }
        }

        return $differing;
    }

    /** As it stands once it has been stored and read. */
    private static function plain(mixed $value): string
    {
        $decoded = json_decode(json_encode($value, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);

        return json_encode($decoded, JSON_THROW_ON_ERROR);
    }
}
