<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\Attempt;
use App\Models\Counsel;
use App\Models\MarkSheetRecord;
use Illuminate\Database\Eloquent\Collection;
use Lernfall\Format\MarkSheetFormat;
use Lernfall\Format\PolicyFormat;
use Lernfall\Marking\MarkSheet;
use Lernfall\Marking\Policy;
use Lernfall\Revision;

/** The marks of a concluded attempt: worked out once, by a worker, then kept. */
final readonly class Marks
{
    public function __construct(private ContentLibrary $library, private JobFold $fold, private BeliefTracker $tracker)
    {
    }

    /** What is kept already stays. */
    public function workOut(Attempt $attempt): MarkSheetRecord
    {
        return MarkSheetRecord::query()->firstOrCreate(['attempt_id' => $attempt->id], fn (): array => [
            'sheet' => MarkEvidence::added(MarkSheetFormat::write($this->sheet($attempt)), $attempt) + ['versions' => $this->versions($attempt)],
            'core_revision' => Revision::CURRENT,
            'marked_at' => now(),
        ]);
    }

    /** @return array{case: int, caseSha256: string, policySha256: string, core: string} by what was marked */
    private function versions(Attempt $attempt): array
    {
        return [
            'case' => $attempt->version->number,
            'caseSha256' => $attempt->version->sha256,
            'policySha256' => hash('sha256', json_encode(PolicyFormat::write($this->fold->document($attempt->version)->policy), JSON_THROW_ON_ERROR)),
            'core' => Revision::CURRENT,
        ];
    }

    private function sheet(Attempt $attempt): MarkSheet
    {
        $document = $this->fold->document($attempt->version);
        $job = $this->fold->of($attempt);

        return $this->library->marker()->mark($job, $document->policy, $document->knowledge, $this->tracker->judged($attempt, $job, $document))->afterCounsel(
            $this->asked($attempt, $document->policy),
        );
    }

    /** @return list<array{step: int, about: string, points: float}> */
    private function asked(Attempt $attempt, Policy $policy): array
    {
        /** @var Collection<int, Counsel> $asked */
        $asked = Counsel::query()->where('attempt_id', $attempt->id)->orderBy('id')->get();

        return array_values($asked->map(static fn (Counsel $one): array => [
            'step' => $one->after_step, 'about' => $one->about, 'points' => $policy->counselPoints[$one->about] ?? 0.0,
        ])->all());
    }
}
