<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Jobs\PrepareVariants;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseVersion;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Lernfall\Chance\Draw;
use Lernfall\Evidence\Solving\Par;
use Lernfall\Evidence\Variation\Candidates;
use Lernfall\Evidence\Variation\VariantTrial;
use Lernfall\Evidence\Variation\Variation;
use Lernfall\Fault\Fault;
use Lernfall\Format\CanonicalJson;
use Lernfall\Format\FaultsFormat;

/**
 * The variants of an assignment: before class a worker draws them and works each as it would be worked, and keeps those that are
 * worth as much as the case itself; whoever begins gets the one that fewest have.
 *
 * @phpstan-type Preparation array{version: int, variation: string, after: int, own: ?array{minutes: float, tests: int}, tried: int, of: int, found: int, against: array<string, int>, done: bool}
 */
final readonly class Variants
{
    public function __construct(private ContentLibrary $library)
    {
    }

    /** Whether there is something to draw that has not been drawn. */
    public function areAwaited(Assignment $assignment): bool
    {
        return $assignment->variation !== Variation::None && ! $this->preparation($assignment)['done'];
    }

    /** Goes on for some time, with one of them at least; whoever calls looks afterwards whether more is to be done. */
    public function prepare(Assignment $assignment, float $seconds): void
    {
        $until = microtime(true) + $seconds;
        $document = $this->library->caseReader()->read($assignment->version->decoded());
        $limits = $this->library->variation();
        $trial = new VariantTrial($document->case, $document->knowledge, $this->library->solver($document->policy), $limits, $this->library->simulator());
        $draw = new Draw("{$assignment->version->sha256} $assignment->id");
        $candidates = (new Candidates($document->case->sound, $document->case->faults, $this->library->catalogue(), $limits, $draw))->of($assignment->variation, CaseText::namesPlace($document->case));
        do {
            $before = $this->preparation($assignment);
            $kept = ['of' => count($candidates)] + $before;
            $own = $kept['own'] === null ? $trial->own() : new Par($kept['own']['minutes'], $kept['own']['tests']);
            $faults = $candidates[$kept['tried']] ?? null;
            $objection = $own === null ? 'itself' : ($faults === null ? null : $trial->of($assignment->variation, $faults, $own)[0]);
            $kept['own'] = $own === null ? null : ['minutes' => $own->minutes, 'tests' => $own->tests];
            $kept['tried'] += $own === null || $faults === null ? 0 : 1;
            $kept['found'] += $objection === null && $faults !== null ? 1 : 0;
            $kept['against'] = $objection === null ? $kept['against'] : [...$kept['against'], $objection => ($kept['against'][$objection] ?? 0) + 1];
            $kept['done'] = $own === null || $kept['found'] >= $limits->wanted || $kept['tried'] >= $kept['of'];
            $isOurs = $this->noted($assignment, $before, $kept, $objection === null ? $faults : null);
        } while ($isOurs && ! $kept['done'] && microtime(true) < $until);
    }

    /** Nobody waits for ever for what cannot be worked out. */
    public function giveUp(Assignment $assignment): void
    {
        $kept = $this->preparation($assignment);
        $assignment->update(['preparation' => ['done' => true, 'against' => $kept['against'] + ['failed' => 1]] + $kept]);
    }

    /** A worker that starts takes up what was asked for and lost on the way. */
    public function askAgain(): void
    {
        Assignment::query()->where('variation', '!=', Variation::None)->whereNull('withdrawn_at')->get()->filter($this->areAwaited(...))
            ->each(static fn (Assignment $one) => PrepareVariants::dispatch($one->id));
    }

    /** @return Preparation of the version that is given now; its variants come after those of before */
    public function preparation(Assignment $assignment): array
    {
        /** @var ?Preparation $kept */
        $kept = $assignment->preparation;

        return $kept !== null && $kept['version'] === $assignment->case_version_id && $kept['variation'] === $assignment->variation->value
            ? $kept
            : ['version' => $assignment->case_version_id, 'variation' => $assignment->variation->value, 'after' => $this->newest($assignment), 'own' => null, 'tried' => 0, 'of' => 0, 'found' => 0, 'against' => [], 'done' => false];
    }

    /** The one that fewest have, and that this apprentice has not had, as far as there is one. */
    public function for(Assignment $assignment, User $apprentice): CaseVersion
    {
        $all = $this->of($assignment);
        /** @var Collection<int, Attempt> $jobs */
        $jobs = $assignment->attempts()->get(['id', 'case_version_id']);
        $had = Attempt::query()->where('assignment_id', $assignment->id)->tap(static fn ($all) => Attempt::of($all, $apprentice))->get(['id', 'case_version_id'])->countBy('case_version_id');
        $often = $jobs->countBy('case_version_id');

        return $all->sortBy(static fn (CaseVersion $one): array => [$had[$one->id] ?? 0, $often[$one->id] ?? 0, $one->variant])->first() ?? $assignment->version;
    }

    /** @return Collection<int, CaseVersion> the version that is given, and its variants */
    private function of(Assignment $assignment): Collection
    {
        return $assignment->variation === Variation::None
            ? new Collection([$assignment->version])
            : CaseVersion::query()->where('variant_for', $assignment->id)->where('variant', '>', $this->preparation($assignment)['after'])->orderBy('variant')->get()->prepend($assignment->version);
    }

    /**
     * A variant and how far one has come, both or neither; a variant that there is never changes, because somebody may be at work on it.
     *
     * @param  Preparation  $before
     * @param  Preparation  $kept
     * @param  ?list<Fault>  $faults  of a variant
     * @return bool false where another worker was quicker
     */
    private function noted(Assignment $assignment, array $before, array $kept, ?array $faults): bool
    {
        return DB::transaction(function () use ($assignment, $before, $kept, $faults): bool {
            if ($this->preparation($assignment->refresh()) != $before) {
                return false;
            }
            if ($faults !== null) {
                $document = CanonicalJson::of(['faults' => FaultsFormat::write($faults)] + $assignment->version->decoded());
                CaseVersion::query()->create([
                    'case_draft_id' => $assignment->version->case_draft_id, 'number' => $assignment->version->number, 'variant' => 1 + $this->newest($assignment), 'variant_for' => $assignment->id,
                    'document' => $document, 'sha256' => hash('sha256', $document), 'published_at' => now(),
                ]);
            }

            return $assignment->update(['preparation' => $kept]);
        });
    }

    private function newest(Assignment $assignment): int
    {
        return (int) CaseVersion::query()->where('variant_for', $assignment->id)->max('variant');
    }
}
