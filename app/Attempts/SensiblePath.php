<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\ContentLibrary;
use App\Jobs\WorkOutPath;
use App\Models\CaseVersion;
use Illuminate\Support\Facades\Cache;
use Lernfall\Format\PathFormat;
use Lernfall\Revision;

/** The path that following the advice takes through a case: the same for everyone who worked it, so worked out once, by a worker. */
final readonly class SensiblePath
{
    private const SEED = 'sensible';

    public function __construct(private ContentLibrary $library, private JobFold $fold)
    {
    }

    /** @return ?array<string, mixed> null, and a worker is asked for it, where it has not been worked out yet: a path of many tests takes longer than an answer may */
    public function soon(CaseVersion $version): ?array
    {
        if (! Cache::has(self::key($version))) {
            WorkOutPath::dispatch($version->id);
        }

        return Cache::get(self::key($version));
    }

    public function workOut(CaseVersion $version): void
    {
        Cache::rememberForever(self::key($version), function () use ($version): array {
            $document = $this->fold->document($version);
            $evidence = $this->library->evidence()->of($document->case, $document->knowledge);

            return PathFormat::write($evidence->path(self::SEED, $document->policy->needlessRepair, $document->policy->demandsReading));
        });
    }

    private static function key(CaseVersion $version): string
    {
        return "sensible path, $version->sha256, core ".Revision::CURRENT;
    }
}
