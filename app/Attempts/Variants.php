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
use Lernfall\Chance\Draw;
use Lernfall\Evidence\Solving\Par;
use Lernfall\Evidence\Variation\Candidates;
use Lernfall\Evidence\Variation\VariantTrial;
use Lernfall\Evidence\Variation\Variation;
use Lernfall\Format\CanonicalJson;
use Lernfall\Format\FaultsFormat;

/**
 * The variants of an assignment: before class a worker draws them and works each as it would be worked, and keeps those that are
 * worth as much as the case itself; whoever begins gets the one that fewest have.
 *
 * @phpstan-type Preparation array{version: int, own: ?array{minutes: float, tests: int}, tried: int, of: int, found: int, against: array<string, int>, done: bool}
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
        $kept = ['of' => count($candidates)] + $this->preparation($assignment);
        do {
            $own = $kept['own'] === null ? $trial->own() : new Par($kept['own']['minutes'], $kept['own']['tests']);
            $faults = $candidates[$kept['tried']] ?? null;
            if ($own === null || $faults === null) {
                $kept['against'] += $own === null ? ['itself' => 1] : [];
                $kept['done'] = true;
                break;
            }
            $kept['own'] = ['minutes' => $own->minutes, 'tests' => $own->tests];
            [$objection] = $trial->of($assignment->variation, $faults, $own);
            $kept['tried']++;
            if ($objection === null) {
                $this->keep($assignment->version, $assignment, ++$kept['found'], FaultsFormat::write($faults));
            } else {
                $kept['against'][$objection] = ($kept['against'][$objection] ?? 0) + 1;
            }
            $kept['done'] = $kept['found'] >= $limits->wanted || $kept['tried'] >= $kept['of'];
        } while (! $kept['done'] && microtime(true) < $until);
        $assignment->update(['preparation' => $kept]);
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

    /** @return Preparation of the version that is given now */
    public function preparation(Assignment $assignment): array
    {
        /** @var ?Preparation $kept */
        $kept = $assignment->preparation;

        return $kept !== null && $kept['version'] === $assignment->case_version_id
            ? $kept
            : ['version' => $assignment->case_version_id, 'own' => null, 'tried' => 0, 'of' => 0, 'found' => 0, 'against' => [], 'done' => false];
    }

    /** The one that fewest have, and that this apprentice has not had, as far as there is one. */
    public function for(Assignment $assignment, User $apprentice): CaseVersion
    {
        $all = $this->of($assignment);
        /** @var Collection<int, Attempt> $jobs */
        $jobs = $assignment->attempts()->get(['case_version_id', 'apprentice_id']);
        $had = $jobs->where('apprentice_id', $apprentice->id)->countBy('case_version_id');
        $often = $jobs->countBy('case_version_id');

        return $all->sortBy(static fn (CaseVersion $one): array => [$had[$one->id] ?? 0, $often[$one->id] ?? 0, $one->variant])->first() ?? $assignment->version;
    }

    /** @return Collection<int, CaseVersion> the version that is given, and its variants */
    private function of(Assignment $assignment): Collection
    {
        return $assignment->variation === Variation::None
            ? new Collection([$assignment->version])
            : CaseVersion::query()->where('variant_for', $assignment->id)->where('number', $assignment->version->number)->orderBy('variant')->get()->prepend($assignment->version);
    }

    /** @param  list<array<string, mixed>>  $faults */
    private function keep(CaseVersion $version, Assignment $assignment, int $variant, array $faults): void
    {
        $document = CanonicalJson::of(['faults' => $faults] + $version->decoded());
        CaseVersion::query()->updateOrCreate(['variant_for' => $assignment->id, 'number' => $version->number, 'variant' => $variant], [
            'case_draft_id' => $version->case_draft_id, 'document' => $document, 'sha256' => hash('sha256', $document), 'published_at' => now(),
        ]);
    }
}
