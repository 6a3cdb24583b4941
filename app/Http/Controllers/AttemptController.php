<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\ActionLog;
use App\Attempts\AdmittedAction;
use App\Attempts\HeldAnswers;
use App\Attempts\JobFold;
use App\Attempts\RecordedAction;
use App\Attempts\ReusedKey;
use App\Attempts\Room;
use App\Attempts\StaleNumber;
use App\Documents\ContentLibrary;
use App\Http\Requests\ActionRequest;
use App\Http\Resources\AttemptResource;
use App\Http\Resources\BayStateResource;
use App\Http\Resources\StepResource;
use App\Http\Resources\ToolMenu;
use App\Jobs\FollowAttempt;
use App\Models\Attempt;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

#[OA\Schema(schema: 'Held', required: ['heldMilliseconds'], properties: [
    new OA\Property(property: 'heldMilliseconds', description: 'after which to come back for the answer', type: 'integer'),
])]
#[OA\Schema(schema: 'Answer', required: ['step', 'state', 'dataSheet', 'room'], properties: [
    new OA\Property(property: 'step', ref: '#/components/schemas/Step'),
    new OA\Property(property: 'state', ref: '#/components/schemas/BayState'),
    new OA\Property(property: 'dataSheet', oneOf: [new OA\Schema(ref: '#/components/schemas/DataSheet'), new OA\Schema(type: 'null')]),
    new OA\Property(property: 'room', description: 'percent of what one job may hold that are left; null while there is plenty', oneOf: [new OA\Schema(type: 'integer'), new OA\Schema(type: 'null')]),
])]
#[OA\Schema(schema: 'MovedOn', required: ['message', 'attempt'], properties: [
    new OA\Property(property: 'message', type: 'string'),
    new OA\Property(property: 'attempt', ref: '#/components/schemas/Attempt'),
])]
final readonly class AttemptController
{
    public function __construct(private ContentLibrary $library, private JobFold $fold)
    {
    }

    #[OA\Get(path: '/api/attempts/{attempt}', operationId: 'readAttempt', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'my attempt', content: new OA\JsonContent(ref: '#/components/schemas/Attempt')),
        new OA\Response(response: 403, description: 'not mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function show(Attempt $attempt): JsonResponse
    {
        Gate::authorize('work', $attempt);

        return new JsonResponse($this->whole($attempt));
    }

    #[OA\Post(path: '/api/attempts/{attempt}/actions', operationId: 'act', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NextAction')), responses: [
        new OA\Response(response: 200, description: 'done, and what it showed', content: new OA\JsonContent(ref: '#/components/schemas/Answer')),
        new OA\Response(response: 202, description: 'under way: come back for its answer', content: new OA\JsonContent(ref: '#/components/schemas/Held')),
        new OA\Response(response: 409, description: 'the attempt has moved on, or the key belongs to another action', content: new OA\JsonContent(ref: '#/components/schemas/MovedOn')),
        new OA\Response(response: 422, description: 'the action makes no sense, or the job is full', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 429, description: 'faster than anybody works', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function act(ActionRequest $request, Attempt $attempt, ActionLog $log, HeldAnswers $held): JsonResponse
    {
        /** @var array<string, mixed> $action */
        $action = $request->input('action');
        try {
            $held->refuseBeside($attempt, $request->string('key')->toString());
            $taken = $log->admit($attempt, $request->integer('number'), $request->string('key')->toString(), $action, $request->user());
            if ($taken instanceof AdmittedAction && $held->holds($action)) {
                $held->afterwards($taken);

                return $this->held($held);
            }
            $taken = $taken instanceof RecordedAction ? $taken : $log->do($taken);
        } catch (StaleNumber $stale) {
            return new JsonResponse(['message' => Strings::text('attempt.moved-on'), 'attempt' => $this->whole($stale->attempt)], 409);
        } catch (ReusedKey) {
            return new JsonResponse(['message' => Strings::text('attempt.key-reused'), 'attempt' => $this->whole($attempt)], 409);
        }
        if ($taken->isNew && $attempt->concluded_at === null) {
            FollowAttempt::beside($attempt);
        }

        return $this->answered($attempt, $taken);
    }

    #[OA\Get(path: '/api/attempts/{attempt}/actions/{key}', operationId: 'readAnswer', parameters: [
        new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer')),
        new OA\PathParameter(name: 'key', schema: new OA\Schema(type: 'string', format: 'uuid')),
    ], responses: [
        new OA\Response(response: 200, description: 'done, and what it showed', content: new OA\JsonContent(ref: '#/components/schemas/Answer')),
        new OA\Response(response: 202, description: 'not yet', content: new OA\JsonContent(ref: '#/components/schemas/Held')),
        new OA\Response(response: 403, description: 'not mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function answer(Attempt $attempt, string $key, HeldAnswers $held): JsonResponse
    {
        Gate::authorize('work', $attempt);
        $entry = $attempt->entry($key);

        return $entry === null ? $this->held($held) : $this->answered($attempt, new RecordedAction($entry, $this->fold->now($attempt), isNew: false));
    }

    /** Its length is told, so that whoever asked is not kept until all is done. */
    private function held(HeldAnswers $held): JsonResponse
    {
        $response = new JsonResponse(['heldMilliseconds' => $held->milliseconds()], 202);
        $response->headers->set('Content-Length', (string) strlen((string) $response->getContent()));

        return $response;
    }

    private function answered(Attempt $attempt, RecordedAction $taken): JsonResponse
    {
        return new JsonResponse([
            'step' => StepResource::of($taken->entry, $taken->step()),
            'state' => BayStateResource::of($taken->job),
            'dataSheet' => AttemptResource::dataSheet($taken->job),
            'room' => Room::of($attempt)->percentLeft(),
        ]);
    }

    /** @return array<string, mixed> */
    private function whole(Attempt $attempt): array
    {
        return AttemptResource::of(
            $attempt,
            $this->fold->now($attempt),
            $this->library->simulator(),
            $this->fold->document($attempt->version),
            new ToolMenu($this->library),
        );
    }
}
