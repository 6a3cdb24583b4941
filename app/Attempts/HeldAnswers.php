<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Jobs\FollowAttempt;
use App\Models\Attempt;
use App\Models\AttemptAction;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Eloquent\Builder;

/**
 * What takes long to work out is worked out once the request has been answered, and shown at the next point of a grid of time
 * that begins when it was accepted: how long it took tells nothing of the car. Whoever asked comes back for it, so that nobody
 * waits in a request. Until it is shown the job stands, for whoever asks, as it did before.
 */
final readonly class HeldAnswers
{
    public function __construct(private ActionLog $log, private Pace $pace, private Repository $cache, private Application $application)
    {
    }

    /** @param  array<string, mixed>  $action */
    public function holds(array $action): bool
    {
        return self::gridSeconds() > 0.0 && in_array($action['do'] ?? null, config()->array('lernfall.held.actions'), true);
    }

    /**
     * Does it once this request has been answered. Until the next point of the grid its number is taken, so that nothing sent
     * beside it finds out by taking that number whether it has been done yet.
     *
     * @throws TooFast|StaleNumber
     */
    public function afterwards(AdmittedAction $admitted): void
    {
        $this->pace->take($admitted->attempt);
        $accepted = microtime(true);
        $this->refuseBeside($admitted->attempt, $admitted->key);
        $grid = self::gridSeconds();
        $isFirst = $this->cache->add(self::name($admitted->attempt), [$admitted->key, $accepted + $grid], (int) ceil($grid) + 1);
        if (! $isFirst) {
            $this->refuseBeside($admitted->attempt, $admitted->key);

            return; // sent again while it is under way
        }
        ignore_user_abort(true);
        $this->application->terminating(function () use ($admitted, $accepted): void {
            try {
                $taken = $this->log->do($admitted, $accepted);
            } catch (StaleNumber|ReusedKey) {
                return; // whoever comes back for it is told
            }
            if ($taken->isNew) {
                FollowAttempt::beside($admitted->attempt);
            }
        });
    }

    /** @throws StaleNumber where another action is under way whose time has not come */
    public function refuseBeside(Attempt $attempt, string $key): void
    {
        $taken = self::gridSeconds() > 0.0 ? $this->cache->get(self::name($attempt)) : null;
        if (! is_array($taken) || $attempt->entry($key) !== null) {
            return; // what has been answered is answered again
        }
        if ($taken[1] <= microtime(true)) {
            $this->cache->forget(self::name($attempt));
        } elseif ($taken[0] !== $key) {
            throw StaleNumber::of($attempt);
        }
    }

    private static function name(Attempt $attempt): string
    {
        return "held action of $attempt->id";
    }

    /** Milliseconds after which to come back. */
    public function milliseconds(): int
    {
        return (int) ceil(self::gridSeconds() * 1000.0);
    }

    /**
     * @param  float  $accepted  seconds since 1970
     * @param  float  $done  likewise
     * @return float the first point of the grid after it was done
     */
    public static function shownFrom(float $accepted, float $done): float
    {
        $grid = self::gridSeconds();

        return $accepted + $grid * max(1.0, ceil(($done - $accepted) / $grid));
    }

    /** The job as it stands for whoever asks now. */
    public static function hidden(Attempt $attempt): Attempt
    {
        $now = microtime(true);
        if (! $attempt->actions->every(static fn (AttemptAction $one): bool => $one->isShownAt($now))) {
            $attempt->setRelation('actions', $attempt->actions->filter(static fn (AttemptAction $one): bool => $one->isShownAt($now))->values());
        }

        return $attempt;
    }

    /** @param  Builder<AttemptAction>  $actions */
    public static function onlyShown(Builder $actions): void
    {
        $actions->where(static fn (Builder $one) => $one->whereNull('shown_from')->orWhere('shown_from', '<=', microtime(true)));
    }

    /** A grid tells nothing only while all answers come well before one of its points. */
    private static function gridSeconds(): float
    {
        return config()->float('lernfall.held.seconds');
    }
}
