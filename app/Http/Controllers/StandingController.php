<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Http\Requests\DecisionRequest;
use App\Http\Requests\ObjectionRequest;
use App\Http\Resources\StandingResource;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Objection;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** The mark of an examination is confirmed by name, objected to in a sentence, and decided about in writing. */
final readonly class StandingController
{
    public function __construct(private HouseLog $log)
    {
    }

    #[OA\Post(path: '/api/attempts/{attempt}/confirmation', operationId: 'confirmMark', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'it counts, by my name', content: new OA\JsonContent(ref: '#/components/schemas/Standing')),
        new OA\Response(response: 403, description: 'not my case, or no examination that is closed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'not marked yet', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function confirm(Request $request, Attempt $attempt): JsonResponse
    {
        Gate::authorize('confirm', $attempt);
        if ($attempt->markSheet === null) {
            return new JsonResponse(['message' => Strings::text('override.not-marked')], 409);
        }
        $this->confirmed($attempt, self::who($request));

        return new JsonResponse(StandingResource::of($attempt));
    }

    #[OA\Post(path: '/api/assignments/{assignment}/confirmation', operationId: 'confirmMarks', parameters: [new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'all marks that are there count, by my name', content: new OA\JsonContent(required: ['confirmed'], properties: [new OA\Property(property: 'confirmed', description: 'how many that were not before', type: 'integer')])),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function confirmAll(Request $request, Assignment $assignment): JsonResponse
    {
        Gate::authorize('direct', $assignment);
        $open = $assignment->attempts()->with(['apprentice', 'version.draft', 'assignment'])->whereNotNull('concluded_at')->whereNull('confirmed_at')->whereHas('markSheet')->get()->reject(static fn (Attempt $one): bool => $one->version->isPractice());
        $open->each(fn (Attempt $one) => $this->confirmed($one, self::who($request)));

        return new JsonResponse(['confirmed' => $open->count()]);
    }

    #[OA\Post(path: '/api/attempts/{attempt}/objection', operationId: 'objectToMark', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewObjection')), responses: [
        new OA\Response(response: 201, description: 'an instructor decides', content: new OA\JsonContent(ref: '#/components/schemas/Standing')),
        new OA\Response(response: 403, description: 'not mine, or its report is not open', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'I have objected before', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no sentence', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function object(ObjectionRequest $request, Attempt $attempt): JsonResponse
    {
        $objection = Objection::query()->firstOrCreate(['attempt_id' => $attempt->id], ['text' => $request->string('text')->toString(), 'raised_at' => now()]);
        if (! $objection->wasRecentlyCreated) {
            return new JsonResponse(['message' => Strings::text('objection.before')], 409);
        }
        $this->log->note(LogKind::Objected, self::who($request), (string) $attempt->version->draft->document['name']);

        return new JsonResponse(StandingResource::of($attempt->unsetRelation('objection')), 201);
    }

    #[OA\Put(path: '/api/attempts/{attempt}/objection', operationId: 'decideObjection', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/ObjectionDecision')), responses: [
        new OA\Response(response: 200, description: 'decided', content: new OA\JsonContent(ref: '#/components/schemas/Standing')),
        new OA\Response(response: 403, description: 'another instructor is to decide', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'nobody has objected, or it was decided before', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no decision, or no reason', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function decide(DecisionRequest $request, Attempt $attempt): JsonResponse
    {
        $user = self::who($request);
        $decided = Objection::query()->where('attempt_id', $attempt->id)->whereNull('decided_at')->update([
            'upheld' => $request->boolean('upheld'), 'decision' => $request->string('decision')->toString(), 'decided_by' => $user->id, 'decided_at' => now(),
        ]);
        if ($decided === 0) {
            return new JsonResponse(['message' => Strings::text('objection.none-open')], 409);
        }
        $this->log->note(LogKind::ObjectionDecided, $user, "{$attempt->apprentice->name}, {$attempt->version->draft->document['name']}");

        return new JsonResponse(StandingResource::of($attempt->unsetRelation('objection')));
    }

    private function confirmed(Attempt $attempt, User $by): void
    {
        if ($attempt->confirmed_at === null) {
            $attempt->update(['confirmed_at' => now(), 'confirmed_by' => $by->id]);
            $this->log->note(LogKind::MarkConfirmed, $by, "{$attempt->apprentice->name}, {$attempt->version->draft->document['name']}");
        }
    }

    private static function who(Request $request): User
    {
        $user = $request->user();
        assert($user instanceof User);

        return $user;
    }
}
