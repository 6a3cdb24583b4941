<?php

declare(strict_types=1);

namespace App\Http;

use App\Accounts\SignIns;
use Closure;
use Illuminate\Auth\AuthManager;
use Illuminate\Auth\SessionGuard;
use Illuminate\Contracts\Session\Session;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Session\SessionManager;

/**
 * A session is kept for whoever is signed in, as long as that stands; a look at the door leaves nothing behind. It is written
 * when it has changed, and once a minute.
 */
final class KeptSessions extends StartSession
{
    public function __construct(SessionManager $manager, private readonly SignIns $signIns, private readonly AuthManager $auth)
    {
        parent::__construct($manager);
    }

    protected function handleStatefulRequest(Request $request, $session, Closure $next): mixed
    {
        $request->setLaravelSession($this->startSession($request, $session));
        $this->collectGarbage($session);
        $isSeen = $this->stands($session);
        $before = $session->all();
        $response = $next($request);
        if ($request->user() !== null) {
            $this->addCookieToResponse($response, $session);
            if ($isSeen || $session->all() !== $before) {
                $this->saveSession($request);
            }
        }

        return $response;
    }

    /** Whoever's sign-in does not stand any more is nobody from here on. Says whether somebody was seen. */
    private function stands(Session $session): bool
    {
        $guard = $this->auth->guard();
        if (! $guard instanceof SessionGuard || ! $session->has($guard->getName())) {
            return false;
        }
        $signIn = $this->signIns->current($session);
        if ($signIn === null) {
            $session->flush();

            return false;
        }

        return $this->signIns->see($signIn);
    }
}
