<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Documents\ContentLibrary;
use App\Http\Resources\PolicyResource;
use App\Models\CaseDraft;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Lernfall\Document\Node;
use Lernfall\Format\CaseReader;
use Lernfall\Format\PolicyReader;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'MarkingPolicy', required: ['name', 'isUsual', 'policy'], properties: [
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'isUsual', description: 'it holds where a case brings none', type: 'boolean'),
    new OA\Property(property: 'policy', ref: '#/components/schemas/Policy'),
])]
final readonly class MarkingPolicyController
{
    #[OA\Get(path: '/api/marking-policies', operationId: 'listMarkingPolicies', responses: [
        new OA\Response(response: 200, description: 'the policies that ship with the application', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/MarkingPolicy'))),
    ])]
    public function __invoke(ContentLibrary $library): JsonResponse
    {
        Gate::authorize('compose', CaseDraft::class);
        $policies = [];
        foreach ($library->policies() as $name => $document) {
            $policies[] = ['name' => $name, 'isUsual' => $name === CaseReader::USUAL_POLICY, 'policy' => PolicyResource::of(PolicyReader::read(Node::root($document)))];
        }

        return new JsonResponse($policies);
    }
}
