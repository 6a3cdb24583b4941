<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Http\Requests\AbsenceRequest;
use App\Http\Requests\AnnulmentRequest;
use App\Http\Requests\WithdrawalRequest;
use App\Http\Resources\CaseResource;
use App\Lesson\TimeOver;
use App\Models\Absence;
use App\Models\Assignment;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What was given out is taken back from whoever has not begun it, given out again, annulled for all; its reports are opened. */
final readonly class AssignmentController
{
    public function __construct(private HouseLog $log)
    {
    }

    #[OA\Put(path: '/api/assignments/{assignment}', operationId: 'withdraw', parameters: [new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Withdrawal')), responses: [
        new OA\Response(response: 200, description: 'done, or it was so before', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'neither yes nor no, or it was annulled', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function withdraw(WithdrawalRequest $request, Assignment $assignment): JsonResponse
    {
        $withdrawn = $request->boolean('withdrawn');
        if ($withdrawn !== ($assignment->withdrawn_at !== null)) {
            $assignment->update(['withdrawn_at' => $withdrawn ? now() : null]);
            $this->note($request, $withdrawn ? LogKind::Withdrawn : LogKind::GivenAgain, $assignment);
        }

        return new JsonResponse(CaseResource::of($assignment->version->draft));
    }

    #[OA\Post(path: '/api/assignments/{assignment}/annulment', operationId: 'annul', parameters: [new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/Annulment')), responses: [
        new OA\Response(response: 200, description: 'nobody goes on with it, and it counts for nobody; annulled before: the first reason stays', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no reason', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function annul(AnnulmentRequest $request, Assignment $assignment): JsonResponse
    {
        if ($assignment->annulled_at === null) {
            $assignment->update(['annulled_at' => now(), 'annulled_because' => $request->string('reason')->toString(), 'withdrawn_at' => $assignment->withdrawn_at ?? now()]);
            $this->note($request, LogKind::Annulled, $assignment, ": {$request->string('reason')}");
        }

        return new JsonResponse(CaseResource::of($assignment->version->draft));
    }

    #[OA\Post(path: '/api/assignments/{assignment}/release', operationId: 'openReports', parameters: [new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer'))], responses: [
        new OA\Response(response: 200, description: 'its reports are open', content: new OA\JsonContent(ref: '#/components/schemas/Case')),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function release(Request $request, Assignment $assignment): JsonResponse
    {
        Gate::authorize('direct', $assignment);
        if ($assignment->released_at === null) {
            $assignment->update(['released_at' => now()]);
            $this->note($request, LogKind::ReportsOpened, $assignment);
        }

        return new JsonResponse(CaseResource::of($assignment->version->draft));
    }

    #[OA\Put(path: '/api/assignments/{assignment}/people/{person}', operationId: 'noteAbsence', parameters: [
        new OA\PathParameter(name: 'assignment', schema: new OA\Schema(type: 'integer')),
        new OA\PathParameter(name: 'person', schema: new OA\Schema(type: 'integer')),
    ], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewAbsence')), responses: [
        new OA\Response(response: 204, description: 'noted; whoever is away or excused holds up no report'),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'neither, or somebody who does not have it', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function absence(AbsenceRequest $request, Assignment $assignment, User $person, TimeOver $over): Response
    {
        $user = $request->user();
        assert($user instanceof User);
        $kind = $request->input('kind');
        if (is_string($kind)) {
            if ($kind === 'interrupted') {
                $over->setAside($assignment, $person);
            }
            Absence::query()->updateOrCreate(['assignment_id' => $assignment->id, 'user_id' => $person->id], ['kind' => $kind, 'noted_by' => $user->id, 'noted_at' => now()]);
        } else {
            Absence::query()->where('assignment_id', $assignment->id)->where('user_id', $person->id)->delete();
        }
        $this->note($request, LogKind::AbsenceNoted, $assignment, ": $person->name, ".Strings::text('marks.state.'.(is_string($kind) ? $kind : 'not-started')));

        return new Response(status: 204);
    }

    private function note(Request $request, LogKind $kind, Assignment $assignment, string $more = ''): void
    {
        $user = $request->user();
        assert($user instanceof User);
        $this->log->note($kind, $user, "{$assignment->version->draft->document['name']}, {$assignment->version->number}$more");
    }
}
