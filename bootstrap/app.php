<?php

use App\Http\Answers;
use App\Http\KeptSessions;
use App\Http\ReadableBody;
use App\Http\ReadersLanguage;
use App\Http\SameOrigin;
use App\Http\SecurityHeaders;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession;
use Illuminate\Support\Facades\Route;
use Illuminate\View\Middleware\ShareErrorsFromSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withCommands([__DIR__.'/../app/Console'])
    ->withRouting(web: __DIR__.'/../routes/web.php', then: static function (): void {
        Route::middleware([ReadableBody::class, SameOrigin::class, 'web'])->prefix('api')->group(__DIR__.'/../routes/api.php');
    })
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class); // same-origin site; see stand-ins.php
        $middleware->remove(ConvertEmptyStringsToNull::class); // an empty text in an action is a text
        $middleware->web(remove: [ValidateCsrfToken::class, ShareErrorsFromSession::class], replace: [StartSession::class => KeptSessions::class]);
        $middleware->trimStrings(except: ['current']); // nor a password without its blanks what was chosen
        $middleware->append(SecurityHeaders::class);
        $middleware->append(ReadersLanguage::class);
        $middleware->redirectGuestsTo('/sign-in');
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->shouldRenderJsonWhen(fn (Request $request): bool => $request->is('api/*'));
        Answers::register($exceptions);
    })
    ->create();
