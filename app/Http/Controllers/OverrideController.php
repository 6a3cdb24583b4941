<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Attempts\DecidedMarks;
use App\Http\Requests\OverrideRequest;
use App\Http\Resources\OverrideResource;
use App\Models\Attempt;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

final readonly class OverrideController
{
    #[OA\Post(path: '/api/attempts/{attempt}/overrides', operationId: 'overrideMark', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewOverride')), responses: [
        new OA\Response(response: 201, description: 'kept beside the computed mark', content: new OA\JsonContent(ref: '#/components/schemas/Decided')),
        new OA\Response(response: 403, description: 'not my case, or the job is not closed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'not marked yet', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no such criterion, too many points, or no reason', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(OverrideRequest $request, Attempt $attempt, DecidedMarks $decided, HouseLog $log): JsonResponse
    {
        if ($attempt->markSheet === null) {
            return new JsonResponse(['message' => Strings::text('override.not-marked')], 409);
        }
        $instructor = $request->user();
        assert($instructor instanceof User);
        $criterion = $request->string('criterion')->toString();
        $points = $request->input('points') === null ? null : $request->float('points');
        $most = $decided->criteria($attempt)[$criterion] ?? throw ValidationException::withMessages(['criterion' => Strings::text('override.no-such')]);
        if ($points !== null && $points > $most) {
            throw ValidationException::withMessages(['points' => Strings::text('override.too-many', ['most' => $most])]);
        }
        $attempt->update(['confirmed_at' => null, 'confirmed_by' => null]); // what counts now is another mark
        $decided->decide($attempt, $instructor, $criterion, $points, $request->string('reason')->trim()->toString());
        $log->note(LogKind::Overridden, $instructor, "{$attempt->apprentice->name}, {$attempt->version->draft->document['name']}");

        return new JsonResponse(OverrideResource::decided($attempt->load('overrides.instructor'), $decided), 201);
    }
}
