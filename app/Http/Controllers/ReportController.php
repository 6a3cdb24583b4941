<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\DecidedMarks;
use App\Attempts\JobFold;
use App\Attempts\Marks;
use App\Attempts\SensiblePath;
use App\Http\Resources\OverrideResource;
use App\Http\Resources\ReportResource;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class ReportController
{
    #[OA\Get(path: '/api/attempts/{attempt}/report', operationId: 'readReport', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'path, marks, cause', content: new OA\JsonContent(ref: '#/components/schemas/Report')),
        new OA\Response(response: 403, description: 'not mine, or not closed yet', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(Attempt $attempt, JobFold $fold, Marks $marks, DecidedMarks $decided, SensiblePath $path): JsonResponse
    {
        Gate::authorize('readReport', $attempt);

        return new JsonResponse(ReportResource::of(
            $attempt,
            $fold->of($attempt),
            $attempt->concluded_at === null ? null : $marks->of($attempt),
            $attempt->concluded_at === null ? null : OverrideResource::decided($attempt->load('overrides.instructor'), $decided),
            $attempt->concluded_at === null ? null : $path->soon($attempt->version),
        ));
    }
}
