<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\AwaitedMarks;
use App\Attempts\DecidedMarks;
use App\Attempts\JobFold;
use App\Attempts\Releases;
use App\Attempts\SensiblePath;
use App\Http\Resources\MarkingResource;
use App\Http\Resources\OverrideResource;
use App\Http\Resources\ReleaseResource;
use App\Http\Resources\ReportResource;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

final readonly class ReportController
{
    #[OA\Get(path: '/api/attempts/{attempt}/report', operationId: 'readReport', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'path and cause; marks as soon as a worker has worked them out', content: new OA\JsonContent(ref: '#/components/schemas/Report')),
        new OA\Response(response: 403, description: 'not mine, or not closed yet', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(Attempt $attempt, JobFold $fold, AwaitedMarks $awaited, DecidedMarks $decided, SensiblePath $path, Releases $releases): JsonResponse
    {
        Gate::authorize('readReport', $attempt);
        $release = ReleaseResource::of($attempt->assignment, $releases);
        if (! $release['isOpen'] && Gate::denies('override', $attempt) && Gate::allows('work', $attempt)) {
            return new JsonResponse(ReportResource::received($attempt, $fold->of($attempt), $release));
        }

        return new JsonResponse(ReportResource::of(
            $attempt,
            $fold->of($attempt),
            $release,
            $attempt->concluded_at === null ? null : MarkingResource::of($attempt, $awaited),
            $attempt->markSheet === null ? null : OverrideResource::decided($attempt->load('overrides.instructor'), $decided),
            $attempt->markSheet === null ? null : $path->soon($attempt->version),
        ));
    }
}
