<?php

declare(strict_types=1);

namespace App\Providers;

use App\Attempts\AttemptSeed;
use App\Attempts\BeliefTracker;
use App\Attempts\FollowedJobs;
use App\Documents\ContentLibrary;
use App\Strings;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\ServiceProvider;

final class AppServiceProvider extends ServiceProvider
{
    private const SIGN_IN_TRIES_PER_MINUTE = 12;

    public function register(): void
    {
        $this->app->singleton(ContentLibrary::class);
        $this->app->singleton(BeliefTracker::class);
        $this->app->when(FollowedJobs::class)->needs('$folder')->give(static fn (): string => storage_path('app/followed'));
        $this->app->bind(AttemptSeed::class, static fn (): AttemptSeed => new AttemptSeed(config()->string('lernfall.attempt_seed')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        RateLimiter::for('sign-in', static fn (Request $request): Limit => Limit::perMinute(self::SIGN_IN_TRIES_PER_MINUTE)
            ->by($request->string('name')->toString().'|'.$request->ip())
            ->response(static fn (): JsonResponse => new JsonResponse(['message' => Strings::text('form.too-many-tries')], 429)));
    }
}
