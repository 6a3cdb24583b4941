<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\AttemptSeed;
use App\Attempts\Trials;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The instructor works the own case in the bay, as an apprentice would. */
final readonly class TrialController
{
    #[OA\Post(path: '/api/cases/{case}/trial', operationId: 'tryCase', parameters: [new OA\PathParameter(name: 'case', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 201, description: 'a job of mine at the case as it is kept; in no list of attempts', content: new OA\JsonContent(required: ['attempt'], properties: [new OA\Property(property: 'attempt', type: 'integer')])),
        new OA\Response(response: 403, description: 'not my case', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(Request $request, CaseDraft $case, Trials $trials, AttemptSeed $seed): JsonResponse
    {
        Gate::authorize('own', $case);
        $user = $request->user();
        assert($user instanceof User);
        $version = $trials->version($case);
        $number = $version->attempts()->count() + 1;
        $attempt = Attempt::query()->create([
            'case_version_id' => $version->id, 'apprentice_id' => $user->id, 'number' => $number, 'seed' => $seed->draw($version, $user, $number), 'started_at' => now(),
        ]);

        return new JsonResponse(['attempt' => $attempt->id], 201);
    }
}
