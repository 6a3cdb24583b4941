<?php

declare(strict_types=1);

namespace App\Http;

use App\Languages;
use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\App;
use Symfony\Component\HttpFoundation\Response;

/** Answers in the first language the reader's browser asks for that there are words in. */
final readonly class ReadersLanguage
{
    /** @param  Closure(Request): Response  $next */
    public function handle(Request $request, Closure $next): Response
    {
        App::setLocale($request->getPreferredLanguage(Languages::available()) ?? Languages::FALLBACK);

        return $next($request);
    }
}
