<?php

declare(strict_types=1);

namespace App\Providers;

use App\Accounts\Retention;
use App\Attempts\AttemptSeed;
use App\Attempts\AwaitedMarks;
use App\Attempts\BeliefTracker;
use App\Attempts\Closing;
use App\Attempts\FollowedJobs;
use App\Attempts\HeldAnswers;
use App\Attempts\KeptDrives;
use App\Attempts\KeptSteps;
use App\Attempts\Variants;
use App\Database\ImmediateConnector;
use App\Documents\ContentLibrary;
use App\Http\ArtificialLeak;
use App\Lesson\Pulse;
use App\Lesson\TimeOver;
use App\Models\Attempt;
use App\Work\QueueFile;
use App\Work\Workers;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Foundation\Http\Events\RequestHandled;
use Illuminate\Http\Middleware\TrustProxies;
use Illuminate\Http\Request;
use Illuminate\Queue\Events\Looping;
use Illuminate\Queue\Events\WorkerStarting;
use Illuminate\Routing\Route as RoutedTo;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use Lernfall\Bay\ClosedGround\KnownDrives;

final class AppServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.sqlite', ImmediateConnector::class);
        $this->app->singleton(ContentLibrary::class);
        $this->app->singleton(BeliefTracker::class);
        $this->app->singleton(Workers::class, static fn (): Workers => new Workers(config()->string('lernfall.workers')));
        $this->app->when(FollowedJobs::class)->needs('$folder')->give(static fn (): string => storage_path('app/followed'));
        $this->app->singleton(KnownDrives::class, KeptDrives::class);
        $this->app->when(KeptDrives::class)->needs('$folder')->give(static fn (): string => config()->string('lernfall.kept_drives'));
        $this->app->when(KeptSteps::class)->needs('$folder')->give(static fn (): string => config()->string('lernfall.kept_steps'));
        $this->app->when(Pulse::class)->needs('$file')->give(static fn (): string => config()->string('lernfall.pulse'));
        $this->app->bind(AttemptSeed::class, static fn (): AttemptSeed => new AttemptSeed(config()->string('lernfall.attempt_seed')));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        TrustProxies::at(config()->array('lernfall.doors'));
        TrustProxies::withHeaders(Request::HEADER_X_FORWARDED_FOR | Request::HEADER_X_FORWARDED_PROTO);
        (new QueueFile(config()->string('database.connections.queue.database')))->prepare();
        Event::listen(WorkerStarting::class, static function (): void {
            app(Pulse::class)->noteOutage();
            app(Workers::class)->join();
            app(Retention::class)->forget();
            app(AwaitedMarks::class)->askAgain();
            app(Variants::class)->askAgain();
        });
        Event::listen([Looping::class, RequestHandled::class], static fn () => app(Pulse::class)->beat());
        if (config()->string('lernfall.artificial_leak') !== '') {
            Route::pushMiddlewareToGroup('web', ArtificialLeak::class.':'.config()->string('lernfall.artificial_leak'));
        }
        Route::bind('attempt', static fn (string $id, RoutedTo $route): Attempt => self::attempt($id, isWhole: $route->getActionMethod() !== 'news'));
    }

    /** As it stands for whoever asks now; the news, which are asked for every few seconds, do without its steps. */
    private static function attempt(string $id, bool $isWhole): Attempt
    {
        $attempt = Attempt::query()->findOrFail($id);

        return $isWhole ? HeldAnswers::hidden(app(TimeOver::class)->closed(app(Closing::class)->repaired($attempt))) : app(TimeOver::class)->closed($attempt);
    }
}
