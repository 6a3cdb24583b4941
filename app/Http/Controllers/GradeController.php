<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Attempts\Grades;
use App\Http\Requests\GradesRequest;
use App\Models\Group;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The school's table of grades. */
final readonly class GradeController
{
    public function __construct(private Grades $grades)
    {
    }

    #[OA\Get(path: '/api/grades', operationId: 'readGrades', responses: [
        new OA\Response(response: 200, description: 'the highest first', content: new OA\JsonContent(ref: '#/components/schemas/GradeTable')),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(): JsonResponse
    {
        Gate::authorize('list', Group::class);

        return new JsonResponse(['steps' => $this->grades->table()->steps]);
    }

    #[OA\Put(path: '/api/grades', operationId: 'setGrades', requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/GradeTable')), responses: [
        new OA\Response(response: 200, description: 'from now on, for marks of before as well', content: new OA\JsonContent(ref: '#/components/schemas/GradeTable')),
        new OA\Response(response: 403, description: 'not for apprentices', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no table', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function set(GradesRequest $request, HouseLog $log): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $this->grades->set($request->steps());
        $log->note(LogKind::GradesSet, $user, implode(', ', array_map(static fn (array $one): string => "$one[grade]: $one[from] %", $this->grades->table()->steps)));

        return new JsonResponse(['steps' => $this->grades->table()->steps]);
    }
}
