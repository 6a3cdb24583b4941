<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\AwaitedMarks;
use App\Attempts\Counselling;
use App\Http\Requests\CounselRequest;
use App\Models\Attempt;
use App\Strings;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'CounselAwaited', required: ['hasWorker'], properties: [
    new OA\Property(property: 'hasWorker', description: 'false where nobody is there to answer', type: 'boolean'),
])]
#[OA\Schema(schema: 'Counsel', required: ['about', 'open', 'foremost', 'repair', 'chance', 'tests', 'reading'], properties: [
    new OA\Property(property: 'about', type: 'string', enum: ['possible', 'next']),
    new OA\Property(property: 'open', type: 'integer'),
    new OA\Property(property: 'foremost', type: 'array', items: new OA\Items(ref: '#/components/schemas/Likely')),
    new OA\Property(property: 'repair', description: 'what to repair now, as "kind@place"; null where testing on is better', oneOf: [new OA\Schema(type: 'string'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'chance', oneOf: [new OA\Schema(type: 'number'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'reading', description: 'the test to be made and written down first, where the rules of the case ask for a reading that separates', oneOf: [new OA\Schema(ref: '#/components/schemas/PathTest'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'tests', type: 'array', items: new OA\Items(ref: '#/components/schemas/BetterTest')),
])]
final readonly class CounselController
{
    #[OA\Post(path: '/api/attempts/{attempt}/counsel', operationId: 'askCounsel', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(required: ['about'], properties: [
        new OA\Property(property: 'about', type: 'string', enum: ['possible', 'next']),
    ], type: 'object')), responses: [
        new OA\Response(response: 200, description: 'in practice only: what is still possible, or what to do next', content: new OA\JsonContent(ref: '#/components/schemas/Counsel')),
        new OA\Response(response: 202, description: 'asked; come back with the same question', content: new OA\JsonContent(ref: '#/components/schemas/CounselAwaited')),
        new OA\Response(response: 403, description: 'not mine, or no practice', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(CounselRequest $request, Attempt $attempt, Counselling $counselling, AwaitedMarks $awaited): JsonResponse
    {
        if (! $counselling->mayBeAsked($attempt)) {
            return new JsonResponse(['message' => Strings::text('counsel.not-here')], 403);
        }
        $counsel = $counselling->ask($attempt, $request->string('about')->toString());
        if ($counsel->failed_at !== null) {
            $counselling->forgive($counsel);

            return new JsonResponse(['message' => Strings::text('counsel.failed')], 500);
        }

        return $counsel->answered() === null
            ? new JsonResponse(['hasWorker' => $awaited->hasWorker()], 202)
            : new JsonResponse($counsel->answered());
    }
}
