<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Accounts\HouseLog;
use App\Accounts\LogKind;
use App\Attempts\Releases;
use App\Http\Requests\ConcessionRequest;
use App\Lesson\Concessions;
use App\Lesson\WorkingTime;
use App\Models\Attempt;
use App\Models\Concession;
use App\Models\User;
use App\Strings;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;

/** Time, another go or another car for one job, as long as its report has not been open to its apprentice. */
final readonly class ConcessionController
{
    public function __construct(private Concessions $concessions, private Releases $releases, private HouseLog $log)
    {
    }

    #[OA\Post(path: '/api/attempts/{attempt}/concessions', operationId: 'concede', parameters: [new OA\PathParameter(name: 'attempt', schema: new OA\Schema(type: 'integer'))], requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewConcession')), responses: [
        new OA\Response(response: 204, description: 'given, and noted with its reason'),
        new OA\Response(response: 403, description: 'not of a case of mine', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 409, description: 'its report has been open, or it is being marked', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
        new OA\Response(response: 422, description: 'no reason, or it makes no sense for this job', content: new OA\JsonContent(ref: '#/components/schemas/Problem')),
    ])]
    public function __invoke(ConcessionRequest $request, Attempt $attempt): Response|JsonResponse
    {
        $user = $request->user();
        assert($user instanceof User);
        $isClosed = $attempt->concluded_at !== null;
        if ($attempt->assignment === null || $attempt->assignment->annulled_at !== null || ($isClosed && $this->releases->isOpen($attempt->assignment))) {
            return new JsonResponse(['message' => Strings::text('lesson.report-was-open')], 409);
        }
        $kind = $request->string('kind')->toString();
        if ($isClosed && $kind === Concession::REOPENED && $attempt->markSheet === null) {
            return new JsonResponse(['message' => Strings::text('lesson.being-marked')], 409);
        }
        [$reason, $minutes] = [$request->string('reason')->trim()->toString(), $request->integer('minutes')];
        $this->refuse($attempt, $kind, $minutes);
        match ($kind) {
            Concession::TIME => $this->concessions->time($attempt, $minutes, $reason, $user),
            Concession::REOPENED => $this->concessions->reopen($attempt, $minutes, $reason, $user),
            default => $this->concessions->freshCar($attempt, $reason, $user),
        };
        $this->log->note(LogKind::Conceded, $user, "{$attempt->apprentice->name}, {$attempt->version->draft->document['name']}: ".Strings::text("lesson.concession.$kind").", $reason");

        return new Response(status: 204);
    }

    private function refuse(Attempt $attempt, string $kind, int $minutes): void
    {
        $isClosed = $attempt->concluded_at !== null;
        if (in_array($kind, [Concession::TIME, Concession::REOPENED], true) && $isClosed !== ($kind === Concession::REOPENED)) {
            throw ValidationException::withMessages(['kind' => Strings::text($isClosed ? 'lesson.closed-already' : 'lesson.not-closed')]);
        }
        if ($kind === Concession::TIME && ($minutes === 0 || $attempt->assignment?->minutes_allowed === null)) {
            throw ValidationException::withMessages(['minutes' => Strings::text($minutes === 0 ? 'lesson.minutes-missing' : 'lesson.no-limit')]);
        }
        $endsAt = $kind === Concession::REOPENED ? WorkingTime::of($attempt)->endsAt : null;
        if ($endsAt?->addMinutes($minutes)->isPast() === true) {
            throw ValidationException::withMessages(['minutes' => Strings::text('lesson.time-was-over')]);
        }
    }
}
