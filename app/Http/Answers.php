<?php

declare(strict_types=1);

namespace App\Http;

use App\Documents\Complaint;
use App\Strings;
use Illuminate\Auth\Access\AuthorizationException;
use Illuminate\Auth\AuthenticationException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Document\InvalidDocument;
use Symfony\Component\HttpKernel\Exception\AccessDeniedHttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;

/** Turns what went wrong into an answer that says what to do, beside the field where there is one. */
final readonly class Answers
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([UnfitAction::class, InvalidDocument::class]);
        $exceptions->render(static fn (UnfitAction $unfit): JsonResponse => self::field(
            $unfit->field,
            Strings::text($unfit->messageKey, $unfit->parameters),
        ));
        $exceptions->render(static fn (InvalidDocument $invalid): JsonResponse => self::field(
            str_replace('/', '.', ltrim($invalid->pointer, '/')),
            Complaint::detail($invalid),
        ));
        $exceptions->render(static fn (AuthenticationException $error): JsonResponse => self::plain('error.signed-out', 401));
        $exceptions->render(static fn (AccessDeniedHttpException|AuthorizationException $error): JsonResponse => self::plain('error.forbidden', 403));
        $exceptions->render(static fn (NotFoundHttpException $error): JsonResponse => self::plain('error.not-found', 404));
    }

    private static function field(string $field, string $message): JsonResponse
    {
        return new JsonResponse(['message' => $message, 'errors' => [$field => [$message]]], 422);
    }

    private static function plain(string $key, int $status): JsonResponse
    {
        return new JsonResponse(['message' => Strings::text($key)], $status);
    }
}
