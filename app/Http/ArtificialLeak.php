<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\Attempt;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Answers come late where the car has one fault: what the bench of answer times must find, and nothing else turns on. */
final readonly class ArtificialLeak
{
    public function handle(Request $request, Closure $next, string $milliseconds, string $kind): Response
    {
        $attempt = $request->route('attempt');
        if ($attempt instanceof Attempt && ($attempt->version->decoded()['faults'][0]['kind'] ?? '') === $kind) {
            usleep(1000 * (int) $milliseconds);
        }

        return $next($request);
    }
}
