<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Format\PolicyFormat;
use Lernfall\Marking\Policy;
use Lernfall\Marking\UnsafeActs;
use OpenApi\Attributes as OA;

/** By which rules a job is marked: no secret, and told beforehand. */
#[OA\Schema(schema: 'Rules', required: ['weights', 'replacing', 'schools', 'safetyCap'], properties: [
    new OA\Property(property: 'weights', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
    new OA\Property(property: 'replacing', type: 'string', enum: ['arithmetic', 'reading']),
    new OA\Property(property: 'schools', required: ['firstTest', 'comparing', 'ohmsOnActive', 'twoRepairs', 'lampOut', 'corrodedPlug'], properties: [
        new OA\Property(property: 'firstTest', type: 'string', enum: ['free', 'least-effort', 'most-telling']),
        new OA\Property(property: 'comparing', type: 'string', enum: ['free', 'stated']),
        new OA\Property(property: 'ohmsOnActive', type: 'string', enum: ['weak', 'invalid']),
        new OA\Property(property: 'twoRepairs', type: 'string', enum: ['cause-open', 'forbidden']),
        new OA\Property(property: 'lampOut', type: 'string', enum: ['read-again', 'enough']),
        new OA\Property(property: 'corrodedPlug', type: 'string', enum: ['clean', 'renew']),
    ], type: 'object'),
    new OA\Property(property: 'safetyCap', description: 'share of all points that an unsafe act leaves at most', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'Policy', allOf: [new OA\Schema(ref: '#/components/schemas/Rules'), new OA\Schema(required: ['diagnosisMinutes', 'needlessRepair', 'margin', 'counsel'], properties: [
    new OA\Property(property: 'diagnosisMinutes', type: 'number'),
    new OA\Property(property: 'needlessRepair', description: 'what a repair that changes nothing costs besides its price', type: 'number'),
    new OA\Property(property: 'margin', description: 'by how much more than testing on a repair may be expected to cost, as a share', type: 'number'),
    new OA\Property(property: 'counsel', description: 'what asking the advice costs in practice', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
], type: 'object')])]
final readonly class PolicyResource
{
    /** @return array<string, mixed> */
    public static function of(Policy $policy): array
    {
        return PolicyFormat::write($policy);
    }

    /** @return array<string, mixed> what an apprentice is told beforehand */
    public static function rules(Policy $policy): array
    {
        return array_intersect_key(PolicyFormat::write($policy), array_flip(['weights', 'replacing', 'schools', 'safetyCap']));
    }

    /** @return list<string> acts that can cap a mark, by id */
    public static function unsafeActs(): array
    {
        return UnsafeActs::names();
    }
}
