<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use Illuminate\Support\Facades\DB;
use Lernfall\Format\CanonicalJson;

/** Freezes a draft into a version that its group can work. */
final readonly class Publication
{
    public function __construct(private ContentLibrary $library)
    {
    }

    public function of(CaseDraft $draft, int $groupId, ?Release $release = null): CaseVersion
    {
        return DB::transaction(fn (): CaseVersion => $this->frozen($draft, $groupId, $release)); // two at once get numbers of their own
    }

    /** Whether a group has this draft just as it is, to be started and with its reports opening like that. */
    public function isGiven(CaseDraft $draft, int $groupId, Release $release): bool
    {
        $newest = $draft->versions()->where('group_id', $groupId)->reorder('number', 'desc')->first();

        return $newest !== null && $newest->withdrawn_at === null && $newest->release()->write() === $release->write() && $newest->sha256 === hash('sha256', $this->document($draft));
    }

    private function document(CaseDraft $draft): string
    {
        return CanonicalJson::of($this->library->caseReader()->frozen($draft->document));
    }

    private function frozen(CaseDraft $draft, int $groupId, ?Release $release): CaseVersion
    {
        $document = $this->document($draft);

        return CaseVersion::query()->create([
            'case_draft_id' => $draft->id,
            'group_id' => $groupId,
            'number' => $draft->versions()->count() + 1,
            'document' => $document,
            'sha256' => hash('sha256', $document),
            'published_at' => now(),
            'release' => ($release ?? Release::of(ReleaseKind::AtOnce))->write(),
        ]);
    }
}
