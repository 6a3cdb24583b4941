<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\JobFold;
use App\Attempts\Releases;
use App\Documents\ContentLibrary;
use App\Http\Resources\ReleaseResource;
use App\Http\Resources\RoadPlayResource;
use App\Models\Attempt;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Lernfall\Bay\ClosedGround\Driver;
use Lernfall\Bay\ClosedGround\DriveReplay;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** A drive of a job once more, with everything there is of it: it tells what is wrong with the car, so it belongs to the report. */
final readonly class DriveReplayController
{
    #[OA\Get(path: '/api/attempts/{attempt}/drives/{step}', operationId: 'replayDrive', parameters: [
        new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer')),
        new OA\PathParameter(name: 'step', schema: new OA\Schema(type: 'integer')),
    ], responses: [
        new OA\Response(response: 200, description: 'the drive, moment by moment', content: new OA\JsonContent(ref: '#/components/schemas/RoadPlay')),
        new OA\Response(response: 403, description: 'not mine, not closed, or the report is not open yet', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 404, description: 'this step was no drive on closed ground', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(Attempt $attempt, int $step, JobFold $fold, Releases $releases, ContentLibrary $library): JsonResponse
    {
        Gate::authorize('readReport', $attempt);
        if (! ReleaseResource::of($attempt->assignment, $releases)['isOpen'] && Gate::allows('work', $attempt)) {
            Gate::authorize('override', $attempt);
        }
        $done = $fold->of($attempt)->steps[$step - 1] ?? null;
        $play = $done === null ? null : (new DriveReplay($library->simulator()->workshop->equipment(Driver::class)))->of($done);

        return $play === null ? throw new NotFoundHttpException : new JsonResponse(RoadPlayResource::of($play));
    }
}
