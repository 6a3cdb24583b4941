<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Documents\BuiltIn;
use App\Models\CaseVersion;
use Illuminate\Support\Facades\Cache;
use Lernfall\Evidence\Advice\Adviser;
use Lernfall\Evidence\Advice\Journeyman;
use Lernfall\Evidence\Remedies;
use Lernfall\Format\PathFormat;
use Lernfall\Revision;

/** The path that following the advice takes through a case: the same for everyone who worked it, so worked out once. */
final readonly class SensiblePath
{
    private const SEED = 'sensible';

    public function __construct(private BuiltIn $builtIn, private JobFold $fold)
    {
    }

    /** @return array<string, mixed> */
    public function of(CaseVersion $version): array
    {
        return Cache::rememberForever("sensible path, $version->sha256, core ".Revision::CURRENT, function () use ($version): array {
            $document = $this->fold->document($version);
            $simulator = $document->case->equips($this->builtIn->simulator());
            $remedies = new Remedies($simulator);
            $journeyman = new Journeyman($simulator, $this->builtIn->weighing(), $remedies, new Adviser($simulator, $remedies, $document->policy->needlessRepair));

            return PathFormat::write($journeyman->work($document->case, $this->builtIn->suspects()->of($document->case, $document->knowledge), self::SEED, $document->policy->demandsReading));
        });
    }
}
