<?php

declare(strict_types=1);

namespace App\Http;

use App\Models\User;
use App\Strings;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Whoever signed in with a password for once chooses an own one before anything else. */
final readonly class OwnPassword
{
    public function handle(Request $request, Closure $next): Response
    {
        $user = $request->user();

        return $user instanceof User && $user->chooses_password ? new JsonResponse(['message' => Strings::text('error.choose-password')], 403) : $next($request);
    }
}
