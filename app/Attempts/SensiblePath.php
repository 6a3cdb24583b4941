<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Models\CaseVersion;
use Illuminate\Support\Facades\Cache;
use Lernfall\Format\PathFormat;
use Lernfall\Revision;

/** The path that following the advice takes through a case: the same for everyone who worked it, so worked out once. */
final readonly class SensiblePath
{
    private const SEED = 'sensible';

    public function __construct(private ContentLibrary $library, private JobFold $fold)
    {
    }

    /** @return array<string, mixed> */
    public function of(CaseVersion $version): array
    {
        return Cache::rememberForever("sensible path, $version->sha256, core ".Revision::CURRENT, function () use ($version): array {
            $document = $this->fold->document($version);
            $evidence = $this->library->evidence()->of($document->case, $document->knowledge);

            return PathFormat::write($evidence->path(self::SEED, $document->policy->needlessRepair, $document->policy->demandsReading));
        });
    }
}
