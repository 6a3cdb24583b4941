<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\CaseVersion;
use Lernfall\Bay\Job\FaultCase;

/** How a variant differs from the case it was made from, for whoever compares two jobs. */
final class VariantName
{
    /** @var array<int, FaultCase> by version */
    private array $cases = [];

    public function __construct(private readonly JobFold $fold)
    {
    }

    /** @return ?array{number: int, fault: string, place: string, relation: string} null where everybody has the same car */
    public function of(Attempt $attempt): ?array
    {
        $assignment = $attempt->assignment;
        if ($attempt->version->variant === 0 && ($assignment === null || $assignment->variation->value === 'same')) {
            return null;
        }
        $original = $assignment === null ? $attempt->version : CaseVersion::query()->where('case_draft_id', $attempt->version->case_draft_id)->where('number', $attempt->version->number)->where('variant', 0)->first() ?? $attempt->version;
        $case = $this->case($attempt->version);
        $fault = $case->faults[0] ?? null;

        return $fault === null ? null : ['number' => $attempt->version->variant, 'fault' => $fault->kind->id, 'place' => $fault->channel, 'relation' => self::relation($this->case($original), $case)];
    }

    private function case(CaseVersion $version): FaultCase
    {
        return $this->cases[$version->id] ??= $this->fold->document($version)->case;
    }

    private static function relation(FaultCase $original, FaultCase $case): string
    {
        [$from, $to] = [$original->faults[0] ?? null, $case->faults[0] ?? null];
        if ($from === null || $to === null || $from->kind->id !== $to->kind->id) {
            return 'other-fault';
        }
        if ($from->channel === $to->channel || ! $case->sound->hasChannel($from->channel) || ! $case->sound->hasChannel($to->channel)) {
            return $from->key() === $to->key() ? 'as-composed' : 'same-place';
        }
        [$was, $is] = [$case->sound->channel($from->channel)->place, $case->sound->channel($to->channel)->place];

        return match (true) {
            $was->axle === $is->axle => 'opposite',
            $was->side === $is->side => 'other-axle',
            default => 'crosswise',
        };
    }
}
