<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\ShareRequest;
use App\Models\CaseDraft;
use App\Models\Role;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Whoever made a case lets other instructors have it as theirs too, or keeps it. */
final readonly class ShareController
{
    #[OA\Get(path: '/api/cases/{case}/shares', operationId: 'listShares', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'the other instructors', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Share'))),
        new OA\Response(response: 403, description: 'not made by me', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    #[OA\Schema(schema: 'Share', required: ['id', 'name', 'has'], properties: [
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'has', description: 'whether it belongs to them as well', type: 'boolean'),
    ])]
    public function index(CaseDraft $case): JsonResponse
    {
        Gate::authorize('share', $case);

        return new JsonResponse(self::all($case));
    }

    #[OA\Put(path: '/api/cases/{case}/shares', operationId: 'shareCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewShares')), responses: [
        new OA\Response(response: 200, description: 'these and no others', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Share'))),
        new OA\Response(response: 403, description: 'not made by me', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no instructor', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function share(ShareRequest $request, CaseDraft $case): JsonResponse
    {
        $case->holders()->sync($request->instructors());

        return new JsonResponse(self::all($case->unsetRelation('holders')));
    }

    /** @return list<array{id: int, name: string, has: bool}> */
    private static function all(CaseDraft $case): array
    {
        $holders = $case->holders->modelKeys();

        return array_values(User::query()->where('role', Role::Instructor)->whereKeyNot($case->instructor_id)->orderBy('name')->get()
            ->map(static fn (User $one): array => ['id' => $one->id, 'name' => $one->name, 'has' => in_array($one->id, $holders, true)])->all());
    }
}
