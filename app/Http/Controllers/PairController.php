<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Attempts\CaseText;
use App\Attempts\JobFold;
use App\Http\Requests\PairRequest;
use App\Http\Requests\PlaceRequest;
use App\Http\Resources\NewsResource;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Pairing;
use App\Models\User;
use App\Strings;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Two work one job of practice together: one asks, the other one joins, and they change places as they like. */
#[OA\Schema(schema: 'Invitation', required: ['attempt', 'from', 'jobTitle', 'car'], properties: [
    new OA\Property(property: 'attempt', type: 'integer'),
    new OA\Property(property: 'from', description: 'who asks me to work along', type: 'string'),
    new OA\Property(property: 'jobTitle', type: 'string'),
    new OA\Property(property: 'car', type: 'string'),
])]
final readonly class PairController
{
    #[OA\Get(path: '/api/invitations', operationId: 'listInvitations', responses: [
        new OA\Response(response: 200, description: 'jobs under way I was asked to work along at', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/Invitation'))),
    ])]
    public function index(Request $request, JobFold $fold): JsonResponse
    {
        Gate::authorize('list', Assignment::class);
        $asked = Pairing::query()->with(['attempt' => ['version', 'assignment', 'apprentice']])->where('partner_id', $request->user()?->getAuthIdentifier())->whereNull('joined_at')
            ->whereHas('attempt', static fn ($one) => $one->whereNull('concluded_at')->whereDoesntHave('assignment', static fn ($given) => $given->whereNotNull('annulled_at')))->orderBy('id')->get();

        return new JsonResponse($asked->map(static function (Pairing $one) use ($fold): array {
            $case = $fold->document($one->attempt->version)->case;

            return ['attempt' => $one->attempt_id, 'from' => $one->attempt->apprentice->name, 'jobTitle' => CaseText::told($case, $one->attempt->assignment)['jobTitle'], 'car' => $case->sound->model->name];
        })->all());
    }

    #[OA\Get(path: '/api/attempts/{attempt}/pair', operationId: 'listPartners', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'whom I can ask: who has been given the same', content: new OA\JsonContent(type: 'array', items: new OA\Items(required: ['id', 'name'], properties: [new OA\Property(property: 'id', type: 'integer'), new OA\Property(property: 'name', type: 'string')], type: 'object'))),
        new OA\Response(response: 403, description: 'not mine, or an examination', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function partners(Attempt $attempt): JsonResponse
    {
        Gate::authorize('pair', $attempt);

        return new JsonResponse(($attempt->assignment?->recipients() ?? collect())->where('id', '!=', $attempt->apprentice_id)->map(static fn (User $one): array => ['id' => $one->id, 'name' => $one->name])->values()->all());
    }

    #[OA\Put(path: '/api/attempts/{attempt}/pair', operationId: 'askPartner', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewPartner')), responses: [
        new OA\Response(response: 200, description: 'asked', content: new OA\JsonContent(ref: '#/components/schemas/News')),
        new OA\Response(response: 403, description: 'not mine, or an examination', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'closed, or worked by two already', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'nobody, or not given to them', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function ask(PairRequest $request, Attempt $attempt): JsonResponse
    {
        if ($attempt->concluded_at !== null || $attempt->pair() !== null) {
            return self::tooLate($attempt);
        }
        try {
            Pairing::query()->updateOrCreate(['attempt_id' => $attempt->id, 'joined_at' => null], ['partner_id' => $request->partner()->id, 'asked_at' => now()]);
        } catch (UniqueConstraintViolationException) {
            return self::tooLate($attempt->unsetRelation('pairing')); // joined meanwhile
        }

        return self::news($attempt, $request);
    }

    #[OA\Post(path: '/api/attempts/{attempt}/pair', operationId: 'joinPartner', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'we work it together from now on, and I write the card', content: new OA\JsonContent(required: ['attempt'], properties: [new OA\Property(property: 'attempt', type: 'integer')])),
        new OA\Response(response: 403, description: 'I was not asked', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'closed meanwhile', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function join(Attempt $attempt): JsonResponse
    {
        Gate::authorize('answerPair', $attempt);
        if ($attempt->concluded_at !== null && $attempt->pair() === null) {
            return self::tooLate($attempt);
        }
        Pairing::query()->where('attempt_id', $attempt->id)->whereNull('joined_at')->update(['joined_at' => now()]);

        return new JsonResponse(['attempt' => $attempt->id]);
    }

    #[OA\Delete(path: '/api/attempts/{attempt}/pair', operationId: 'refusePartner', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 204, description: 'not asked any more'),
        new OA\Response(response: 403, description: 'neither asked nor asking', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'we work together already', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function refuse(Attempt $attempt): Response|JsonResponse
    {
        Gate::any(['pair', 'answerPair'], $attempt) || Gate::authorize('answerPair', $attempt);
        if ($attempt->pair() !== null) {
            return self::tooLate($attempt);
        }
        Pairing::query()->where('attempt_id', $attempt->id)->whereNull('joined_at')->delete();

        return new Response(status: 204);
    }

    #[OA\Put(path: '/api/attempts/{attempt}/places', operationId: 'changePlaces', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewPlace')), responses: [
        new OA\Response(response: 200, description: 'as we stand now', content: new OA\JsonContent(ref: '#/components/schemas/News')),
        new OA\Response(response: 403, description: 'not mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'worked by one alone, or closed', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'neither yes nor no', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function places(PlaceRequest $request, Attempt $attempt): JsonResponse
    {
        $pair = $attempt->pair();
        if ($pair === null || $attempt->concluded_at !== null) {
            return self::tooLate($attempt);
        }
        $isPartner = $pair->partner_id === $request->user()?->getAuthIdentifier();
        $pair->update(['partner_at_car' => $request->boolean('atCar') === $isPartner]);

        return self::news($attempt, $request);
    }

    private static function news(Attempt $attempt, Request $request): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);

        return new JsonResponse(NewsResource::of($attempt->unsetRelation('pairing'), $user));
    }

    private static function tooLate(Attempt $attempt): JsonResponse
    {
        return new JsonResponse(['message' => Strings::text($attempt->concluded_at !== null ? 'pair.closed' : ($attempt->pair() === null ? 'pair.alone' : 'pair.two-already'))], 409);
    }
}
