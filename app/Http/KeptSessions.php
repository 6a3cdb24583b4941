<?php

declare(strict_types=1);

namespace App\Http;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;

/** A session is kept for whoever is signed in; a look at the door leaves nothing behind. */
final class KeptSessions extends StartSession
{
    protected function handleStatefulRequest(Request $request, $session, Closure $next): mixed
    {
        $request->setLaravelSession($this->startSession($request, $session));
        $this->collectGarbage($session);
        $response = $next($request);
        if ($request->user() !== null) {
            $this->addCookieToResponse($response, $session);
            $this->saveSession($request);
        }

        return $response;
    }
}
