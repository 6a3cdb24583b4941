<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\BuiltIn;
use App\Models\CaseDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Lernfall\Format\Node;
use Lernfall\Format\PolicyReader;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MarkingPolicy', required: ['weights', 'diagnosisMinutes'], properties: [
    new OA\Property(property: 'weights', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
    new OA\Property(property: 'diagnosisMinutes', type: 'number'),
])]
final readonly class MarkingPolicyController
{
    #[OA\Get(path: '/api/marking-policy', operationId: 'readMarkingPolicy', responses: [
        new OA\Response(response: 200, description: 'the policy that holds where a case brings none', content: new OA\JsonContent(ref: '#/components/schemas/MarkingPolicy')),
    ])]
    public function __invoke(BuiltIn $builtIn): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);
        $policy = PolicyReader::read(Node::root($builtIn->policy()));

        return new JsonResponse(['weights' => $policy->weights, 'diagnosisMinutes' => $policy->diagnosisMinutes]);
    }
}
