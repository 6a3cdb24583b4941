<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\MarksTable;
use App\Http\Resources\MarksCsv;
use App\Models\CaseDraft;
use App\Models\Group;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;

/** Who of a group has which mark. */
#[OA\Schema(schema: 'MarksTable', required: ['cases', 'people'], properties: [
    new OA\Property(property: 'cases', type: 'array', items: new OA\Items(required: ['id', 'case', 'name', 'practice', 'givenAt', 'isMine'], properties: [
        new OA\Property(property: 'isMine', description: 'of a case of whoever asks', type: 'boolean'),
        new OA\Property(property: 'id', description: 'the assignment', type: 'integer'),
        new OA\Property(property: 'case', type: 'integer'),
        new OA\Property(property: 'givenAt', type: 'string', format: 'date-time'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'practice', description: 'has no mark', type: 'boolean'),
    ], type: 'object')),
    new OA\Property(property: 'people', type: 'array', items: new OA\Items(ref: '#/components/schemas/MarksLine')),
])]
#[OA\Schema(schema: 'MarksLine', required: ['id', 'name', 'signIn', 'hasLeft', 'marks', 'points', 'outOf', 'grade'], properties: [
    new OA\Property(property: 'id', type: 'integer'),
    new OA\Property(property: 'name', type: 'string'),
    new OA\Property(property: 'signIn', type: 'string'),
    new OA\Property(property: 'hasLeft', description: 'is in this group no more', type: 'boolean'),
    new OA\Property(property: 'marks', description: 'in the order of the cases', type: 'array', items: new OA\Items(ref: '#/components/schemas/MarksEntry')),
    new OA\Property(property: 'points', type: 'number'),
    new OA\Property(property: 'outOf', type: 'number'),
    new OA\Property(property: 'grade', description: 'of the sum, by the school\'s table', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'MarksEntry', required: ['attempt', 'state', 'points', 'outOf', 'grade', 'decided', 'proposed'], properties: [
    new OA\Property(property: 'attempt', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'state', type: 'string', enum: ['not-started', 'under-way', 'awaited', 'practised', 'marked', 'annulled', 'not-given', 'absent', 'excused', 'interrupted']),
    new OA\Property(property: 'points', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'outOf', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'grade', description: 'by the school\'s table', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'decided', description: 'an instructor decided some of it', type: 'boolean'),
    new OA\Property(property: 'proposed', description: 'no instructor has confirmed it yet', type: 'boolean'),
])]
final readonly class MarksController
{
    public function __construct(private MarksTable $table)
    {
    }

    #[OA\Get(path: '/api/groups/{group}/marks', operationId: 'readMarks', parameters: [new OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'the marks of a group', content: new OA\JsonContent(ref: '#/components/schemas/MarksTable')),
        new OA\Response(response: 403, description: 'a group of others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(Request $request, Group $group): JsonResponse
    {
        Gate::authorize('manage', $group);

        $table = $this->table->of($group->load('people'));
        $user = $request->user();
        assert($user instanceof User);
        $mine = CaseDraft::of($user)->pluck('id');

        return new JsonResponse(['cases' => array_map(static fn (array $one): array => $one + ['isMine' => $mine->contains($one['case'])], $table['cases']), 'people' => $table['people']]);
    }

    #[OA\Get(path: '/api/groups/{group}/marks.csv', operationId: 'exportMarks', parameters: [new OA\PathParameter(name: 'group', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'the same as a table for another program', content: new OA\MediaType(mediaType: 'text/csv')),
        new OA\Response(response: 403, description: 'a group of others', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function csv(Group $group): Response
    {
        Gate::authorize('manage', $group);

        return new Response(MarksCsv::of($this->table->of($group->load('people'))), headers: [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="marks-'.Str::slug($group->name).'.csv"', 'Cache-Control' => 'no-store',
        ]);
    }
}
