<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use Lernfall\Format\CanonicalJson;

/** Freezes a draft for its author alone: nobody is given it, and no number of a version is used up. */
final readonly class Trials
{
    /** No version has it; what is tried is told from versions as a variant is. */
    private const NUMBER = 0;

    private const VARIANT = 1;

    public function __construct(private ContentLibrary $library)
    {
    }

    public function version(CaseDraft $draft): CaseVersion
    {
        $document = CanonicalJson::of($this->library->caseReader()->frozen($draft->document));

        return CaseVersion::query()->firstOrCreate(
            ['case_draft_id' => $draft->id, 'number' => self::NUMBER, 'variant' => self::VARIANT, 'sha256' => hash('sha256', $document)],
            ['document' => $document, 'published_at' => now()],
        );
    }
}
