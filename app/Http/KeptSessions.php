<?php

declare(strict_types=1);

namespace App\Http;

use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Symfony\Component\HttpFoundation\Response;

/** A session is kept for whoever is signed in; a look at the door leaves nothing behind. */
final class KeptSessions extends StartSession
{
    protected function handleStatefulRequest(Request $request, $session, \Closure $next): mixed
    {
        $request->setLaravelSession($this->startSession($request, $session));
        $this->collectGarbage($session);
        $came = $request->cookies->has($session->getName());
        $response = $next($request);
        if ($came || $request->user() !== null) {
            $this->storedWith($response, $request, $session);
        }

        return $response;
    }

    private function storedWith(Response $response, Request $request, Session $session): void
    {
        $this->addCookieToResponse($response, $session);
        $this->saveSession($request);
    }
}
