<?php

declare(strict_types=1);

namespace App\Http;

use App\Lesson\ExaminationRoom;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Role;
use App\Models\User;
use App\Strings;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Keeps other jobs, old reports, the lab and, where the assignment says so, the handbook closed to whoever is at work on an examination. */
final readonly class DuringExamination
{
    public function __construct(private ExaminationRoom $room)
    {
    }

    /** @param  string  $what  "handbook" where the assignment decides about it */
    public function handle(Request $request, Closure $next, string $what = ''): Response
    {
        $user = $request->user();
        $asked = $request->route('attempt') ?? $request->route('job');
        $examination = $user instanceof User && $user->role === Role::Apprentice
            ? $this->room->closedTo($user, $asked instanceof Attempt || $asked instanceof Assignment ? $asked : null) : null;
        $isOpen = $examination === null || ($what === 'handbook' && $examination->assignment?->handbook === true);

        return $isOpen ? $next($request) : new JsonResponse(['message' => Strings::text('lesson.in-examination', ['job' => $this->room->title($examination)])], 409);
    }
}
