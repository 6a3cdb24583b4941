<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Jobs\AnswerCounsel;
use App\Models\Attempt;
use App\Models\Belief;
use App\Models\Counsel;
use Lernfall\Evidence\Advice\Advice;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Belief\Possible;
use Lernfall\Format\LikelyFormat;
use Lernfall\Format\TrialFormat;
use Lernfall\Revision;

/** Answers an apprentice who practises: what is still possible, and what would be done next. */
final readonly class Counselling
{
    private const TESTS = 3;

    private const NO_ADVICE = ['repair' => null, 'chance' => null, 'tests' => [], 'reading' => null];

    public function __construct(private ContentLibrary $library, private JobFold $fold, private BeliefTracker $tracker)
    {
    }

    public function mayBeAsked(Attempt $attempt): bool
    {
        return $attempt->concluded_at === null && $this->fold->document($attempt->version)->practice;
    }

    /** What is asked is stored before it is answered; a worker answers it, where it was not followed beside the job anyway. */
    public function ask(Attempt $attempt, string $about): Counsel
    {
        $step = $attempt->actions->count();
        $counsel = Counsel::query()->firstOrCreate(['attempt_id' => $attempt->id, 'after_step' => $step, 'about' => $about], ['asked_at' => now()])->refresh();
        $kept = $about === 'possible' ? Belief::query()->where(['attempt_id' => $attempt->id, 'step' => $step, 'core_revision' => Revision::CURRENT])->first() : null;
        if ($kept !== null) {
            return $counsel->fill(['answer' => $this->answer($about, $kept->open, $kept->foremost, self::NO_ADVICE), 'core_revision' => Revision::CURRENT]);
        }
        if ($counsel->answered() === null && $counsel->failed_at === null) {
            AnswerCounsel::dispatch($counsel->id);
            $counsel->refresh();
        }

        return $counsel;
    }

    /** One that failed is tried anew when it is asked again. */
    public function forgive(Counsel $counsel): void
    {
        $counsel->update(['failed_at' => null]);
    }

    /** What was asked, worked out and kept. */
    public function work(Counsel $counsel): void
    {
        if ($counsel->answered() === null) {
            $counsel->update(['answer' => $this->worked($counsel), 'core_revision' => Revision::CURRENT, 'failed_at' => null]);
        }
    }

    /** @return array<string, mixed> */
    private function worked(Counsel $counsel): array
    {
        [$about, $step] = [$counsel->about, $counsel->after_step];
        $attempt = $counsel->attempt;
        $attempt->setRelation('actions', $attempt->actions()->where('number', '<=', $step)->get());
        $document = $this->fold->document($attempt->version);
        $job = $this->fold->of($attempt);
        $evidence = $this->library->evidence()->of($document->case, $document->knowledge);
        $set = $this->tracker->believed($attempt, $step) ?? $evidence->history($job)->end();
        $possible = Possible::after($step, $set->shown());

        if ($about !== 'next') {
            return $this->answer($about, $possible->open, LikelyFormat::write($possible->foremost), self::NO_ADVICE);
        }
        $advice = $evidence->adviser($document->policy->needlessRepair)->on($set, $set->shown());
        $reading = $document->policy->demandsReading && $advice->isToRepair()
            ? $evidence->readingFirst()->missing($job, $set, $advice)
            : null;

        return $this->answer($about, $possible->open, LikelyFormat::write($possible->foremost), $this->next($advice, $reading));
    }

    /**
     * @param  list<array<string, mixed>>  $foremost
     * @param  array{repair: ?string, chance: ?float, tests: list<array<string, mixed>>, reading: ?array<string, mixed>}  $advice
     * @return array<string, mixed>
     */
    private function answer(string $about, int $open, array $foremost, array $advice): array
    {
        return ['about' => $about, 'open' => $open, 'foremost' => $foremost, ...$advice];
    }

    /** @return array{repair: ?string, chance: float, tests: list<array{id: string, place: string, minutes: float, bits: float}>, reading: ?array{id: string, place: string, minutes: float}} */
    private function next(Advice $advice, ?Trial $reading): array
    {
        return [
            'repair' => $advice->isToRepair() && $reading === null ? $advice->remedy : null,
            'chance' => round($advice->repairs->byRemedy()[$advice->remedy] ?? 0.0, 3),
            'tests' => array_map(TrialFormat::write(...), array_slice($advice->different(), 0, self::TESTS)),
            'reading' => $reading === null ? null : ['id' => $reading->id, 'place' => $reading->place, 'minutes' => $reading->minutes],
        ];
    }
}
