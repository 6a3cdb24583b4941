<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Attempts\FaultyRule;
use App\Http\Requests\CorrectionRequest;
use App\Models\Assignment;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** A rule that was wrong is corrected for all whom it has cost points. */
final readonly class FaultyRuleController
{
    public function __construct(private FaultyRule $rule)
    {
    }

    #[OA\Get(path: '/api/assignments/{assignment}/rules', operationId: 'listRules', parameters: [new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'which jobs each rule has cost points', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/TouchedByRule'))),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    #[OA\Schema(schema: 'TouchedByRule', required: ['criterion', 'outOf', 'jobs'], properties: [
        new OA\Property(property: 'criterion', type: 'string'),
        new OA\Property(property: 'outOf', type: 'number'),
        new OA\Property(property: 'jobs', description: 'that did not get all of its points', type: 'array', items: new OA\Items(required: ['attempt', 'apprentice', 'points'], properties: [
            new OA\Property(property: 'attempt', type: 'integer'),
            new OA\Property(property: 'apprentice', type: 'string'),
            new OA\Property(property: 'points', type: 'number'),
        ], type: 'object')),
    ])]
    public function index(Assignment $assignment): JsonResponse
    {
        Gate::authorize('direct', $assignment);

        return new JsonResponse($this->rule->touched($assignment));
    }

    #[OA\Post(path: '/api/assignments/{assignment}/corrections', operationId: 'correctRule', parameters: [new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewCorrection')), responses: [
        new OA\Response(response: 200, description: 'no mark has fallen', content: new OA\JsonContent(required: ['raised'], properties: [new OA\Property(property: 'raised', description: 'how many marks have risen', type: 'integer')])),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no such rule, more points than it has, or no reason', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function correct(CorrectionRequest $request, Assignment $assignment, HouseLog $log): JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $criterion = $request->string('criterion')->toString();
        $most = array_column($this->rule->touched($assignment), 'outOf', 'criterion')[$criterion] ?? throw ValidationException::withMessages(['criterion' => Strings::text('override.no-such')]);
        if ($request->float('points') > $most) {
            throw ValidationException::withMessages(['points' => Strings::text('override.too-many', ['most' => $most])]);
        }
        $raised = $this->rule->raise($assignment, $criterion, $request->float('points'), $request->string('reason')->trim()->toString(), $user);
        $log->note(LogKind::RuleCorrected, $user, "{$assignment->version->draft->document['name']}: ".Strings::text("criterion.$criterion").", {$request->float('points')}, $raised");

        return new JsonResponse(['raised' => $raised]);
    }
}
