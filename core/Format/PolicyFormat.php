<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Marking\Policy;

/** A marking policy as JSON with everything said, as PolicyReader takes it. */
final readonly class PolicyFormat
{
    /** @return array{weights: array<string, int>, diagnosisMinutes: float, needlessRepair: float, margin: float, replacing: string, counsel: array<string, float>, schools: array<string, string>, safetyCap: ?float} */
    public static function write(Policy $policy): array
    {
        return [
            'weights' => $policy->weights,
            'diagnosisMinutes' => $policy->diagnosisMinutes,
            'needlessRepair' => $policy->needlessRepair,
            'margin' => $policy->margin,
            'replacing' => $policy->demandsReading ? 'reading' : 'arithmetic',
            'counsel' => $policy->counselPoints,
            'schools' => SchoolsFormat::write($policy->schools),
            'safetyCap' => $policy->safetyCap,
        ];
    }
}
