<?php

declare(strict_types=1);

namespace App\Http;

use App\Strings;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use JsonException;
use Symfony\Component\HttpFoundation\Response;

/** What is sent is JSON, small, shallow, and its numbers are such as a person would write: before anything looks into it. */
final readonly class ReadableBody
{
    private const BYTES = 65536;

    /** By path: a recording and a roster are longer. */
    private const MORE_BYTES = ['api/waveforms' => 4_259_840, 'api/people/roster' => 400_000, 'api/people/roster-check' => 400_000];

    private const DEPTH = 32;

    private const GREATEST = 1e15;

    /** But for zero: a wheel that turns once in the age of the universe would have its whole turn computed. */
    private const LEAST = 1e-9;

    public function handle(Request $request, Closure $next): Response
    {
        $body = $request->getContent();
        $most = self::MORE_BYTES[$request->path()] ?? self::BYTES;
        if (strlen($body) > $most || $request->files->count() > 0) {
            return self::refused('error.body-long', 413, ['bytes' => $most]);
        }
        if ($body === '' && $request->request->count() === 0) {
            return $next($request);
        }
        if (! $request->isJson()) {
            return self::refused('error.body-not-json', 415);
        }
        try {
            $decoded = json_decode($body, true, self::DEPTH, JSON_THROW_ON_ERROR);
        } catch (JsonException) {
            return self::refused('error.body-unreadable', 422);
        }
        if (! is_array($decoded)) {
            return self::refused('error.body-unreadable', 422);
        }
        $extreme = self::extreme($decoded);

        return $extreme === null ? $next($request) : self::refused('error.number-extreme', 422, [], $extreme);
    }

    /** @param  array<array-key, mixed>  $values */
    private static function extreme(array $values, string $path = ''): ?string
    {
        foreach ($values as $name => $value) {
            $here = ltrim("$path.$name", '.');
            $found = match (true) {
                is_array($value) => self::extreme($value, $here),
                is_int($value), is_float($value) => self::isSensible((float) $value) ? null : $here,
                default => null,
            };
            if ($found !== null) {
                return $found;
            }
        }

        return null;
    }

    private static function isSensible(float $value): bool
    {
        $size = abs($value);

        return $size === 0.0 || $size >= self::LEAST && $size <= self::GREATEST;
    }

    /** @param  array<string, int>  $parameters */
    private static function refused(string $key, int $status, array $parameters = [], ?string $field = null): JsonResponse
    {
        $message = Strings::text($key, $parameters);

        return new JsonResponse(['message' => $message] + ($field === null ? [] : ['errors' => [$field => [$message]]]), $status);
    }
}
