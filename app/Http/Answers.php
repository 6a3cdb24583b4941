<?php

declare(strict_types=1);

namespace App\Http;

use App\Accounts\HouseLog;
use App\Accounts\TooSoon;
use App\Attempts\AnnulledJob;
use App\Attempts\ExaminationBegun;
use App\Attempts\FullJob;
use App\Attempts\TooFast;
use App\Documents\Complaint;
use App\Lesson\NotYourPlace;
use App\Lesson\PausedJob;
use App\Lesson\TimeIsUp;
use App\Models\User;
use App\Strings;
use ErrorException;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Document\InvalidDocument;
use PDOException;
use Symfony\Component\HttpFoundation\Response;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Throwable;

/** Turns what went wrong into an answer that says what to do, beside the field where there is one. */
final readonly class Answers
{
    /** Result codes of SQLite (sqlite.org/rescode.html): SQLITE_BUSY, SQLITE_READONLY, SQLITE_FULL, SQLITE_CANTOPEN. */
    private const LOCKED = 5;

    private const READ_ONLY = 8;

    private const FULL = 13;

    private const CANNOT_OPEN = 14;

    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([UnfitAction::class, InvalidDocument::class, FullJob::class, AnnulledJob::class, PausedJob::class, NotYourPlace::class, TimeIsUp::class, ExaminationBegun::class, TooFast::class, TooSoon::class]);
        $exceptions->render(static fn (UnfitAction $unfit): JsonResponse => self::field(
            $unfit->field,
            Strings::text($unfit->messageKey, $unfit->parameters),
        ));
        $exceptions->render(static fn (InvalidDocument $invalid): JsonResponse => self::field(
            str_replace('/', '.', ltrim($invalid->pointer, '/')),
            Complaint::detail($invalid),
        ));
        $exceptions->render(static fn (FullJob $full): JsonResponse => self::field('action', Strings::text('attempt.full')));
        $exceptions->render(static fn (AnnulledJob $annulled): JsonResponse => self::field('action', Strings::text('attempt.annulled')));
        $exceptions->render(static fn (PausedJob $paused): JsonResponse => self::field('action', Strings::text('lesson.paused')));
        $exceptions->render(static fn (NotYourPlace $place): JsonResponse => self::field('action', Strings::text($place->isAtCar ? 'pair.other-at-car' : 'pair.other-at-card', ['name' => $place->other])));
        $exceptions->render(static fn (TimeIsUp $over): JsonResponse => self::field('action', Strings::text($over->forTheCardAsWell ? 'lesson.time-over' : 'lesson.card-only')));
        $exceptions->render(static fn (ExaminationBegun $begun): JsonResponse => new JsonResponse(['message' => Strings::text('given.examination-begun', ['count' => $begun->begun])], 409));
        $exceptions->render(static fn (TooFast $fast): JsonResponse => self::plain('error.too-fast', 429, ['Retry-After' => (string) $fast->seconds]));
        $exceptions->render(static fn (TooSoon $soon): JsonResponse => new JsonResponse(['message' => Strings::text('form.too-many-tries', ['seconds' => $soon->seconds])], 429, ['Retry-After' => (string) $soon->seconds]));
        $exceptions->render(static fn (PDOException $error, Request $request): ?Response => self::database($error, $request));
        $exceptions->dontReportWhen(static fn (Throwable $error): bool => Disk::takesNothing()); // nor can it be
        $exceptions->render(static fn (ErrorException $error, Request $request): ?Response => Disk::takesNothing() ? self::unwritable($error, $request) : null);
        $exceptions->render(static fn (AuthenticationException $error): JsonResponse => self::plain('error.signed-out', 401));
        $exceptions->render(static fn (AccessDeniedHttpException|AuthorizationException $error, Request $request): JsonResponse => self::refused($request));
        $exceptions->render(static fn (NotFoundHttpException $error): JsonResponse => self::plain('error.not-found', 404));
    }

    private static function field(string $field, string $message): JsonResponse
    {
        return new JsonResponse(['message' => $message, 'errors' => [$field => [$message]]], 422);
    }

    private static function refused(Request $request): JsonResponse
    {
        $user = $request->user();
        try {
            $user instanceof User && app(HouseLog::class)->refused($user, "{$request->method()} {$request->path()}");
        } catch (PDOException $unwritten) { // it is refused all the same
            error_log($unwritten->getMessage());
        }

        return self::plain('error.forbidden', 403);
    }

    /** What passes by itself is told apart from what somebody has to mend. */
    private static function database(PDOException $error, Request $request): ?Response
    {
        return match ($error->errorInfo[1] ?? null) {
            self::LOCKED => self::toPage($request, 'error.database-busy', 503, ['Retry-After' => '2']),
            self::READ_ONLY, self::FULL, self::CANNOT_OPEN => self::toPage($request, 'error.database-read-only', 507),
            default => null,
        };
    }

    private static function unwritable(ErrorException $error, Request $request): Response
    {
        error_log($error->getMessage());

        return self::toPage($request, 'error.database-read-only', 507);
    }

    /**
     * A page cannot count on templates then, which are translated into files.
     *
     * @param  array<string, string>  $headers
     */
    private static function toPage(Request $request, string $key, int $status, array $headers = []): Response
    {
        return $request->is('api/*')
            ? self::plain($key, $status, $headers)
            : new Response('<!doctype html><meta charset="utf-8"><title>Lernfall</title><h1>Lernfall</h1><p>'.e(Strings::text($key)).'</p>', $status, $headers);
    }

    /** @param  array<string, mixed>  $headers */
    private static function plain(string $key, int $status, array $headers = []): JsonResponse
    {
        return new JsonResponse(['message' => Strings::text($key)], $status, $headers);
    }
}
