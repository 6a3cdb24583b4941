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

    private function frozen(CaseDraft $draft, int $groupId, ?Release $release): CaseVersion
    {
        $document = CanonicalJson::of($this->library->caseReader()->frozen($draft->document));

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
