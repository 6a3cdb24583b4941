<?php

declare(strict_types=1);

namespace App\Http;

use App\Strings;
use Closure;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * Nothing is changed for a page of another site. A browser says where a request comes from (Fetch Metadata, W3C; Origin,
 * RFC 6454), and a page cannot make it say otherwise, so that no token is needed, nor a session for somebody who is not signed in.
 */
final readonly class SameOrigin
{
    public function handle(Request $request, Closure $next): Response
    {
        return $request->isMethodSafe() || $this->isOwn($request)
            ? $next($request)
            : new JsonResponse(['message' => Strings::text('error.foreign-page')], 403);
    }

    private function isOwn(Request $request): bool
    {
        $site = $request->headers->get('Sec-Fetch-Site');
        if ($site !== null) {
            return in_array($site, ['same-origin', 'none'], true);
        }
        $origin = $request->headers->get('Origin');

        return $origin === null || $origin === $request->getSchemeAndHttpHost(); // no browser says neither
    }
}
