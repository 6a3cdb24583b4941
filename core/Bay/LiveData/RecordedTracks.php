<?php

declare(strict_types=1);

namespace Lernfall\Bay\LiveData;

use ArrayObject;
use Closure;
use Lernfall\Bay\Contract\SeriesFeature;
use Lernfall\Drive\Journey;
use Lernfall\Drive\SpeedTrack;
use WeakMap;

/** What a drive lets a wheel's speed look like: worked out once for all cars that could be standing there and roll alike, and forgotten with the drive. */
final readonly class RecordedTracks
{
    public const SECONDS_PER_SAMPLE = 0.1;

    /** So many are remembered of one drive. */
    private const MOST = 3000;

    /** @param  ?array{float, float}  $between  seconds of the drive that are kept; null for all of it */
    public static function on(Journey $route, SpeedTrack $track, ?array $between): SeriesFeature
    {
        $turns = self::remembered($route, $track->wheel(), static fn (): array => $track->turnsOn($route->drive(), self::SECONDS_PER_SAMPLE));
        $key = md5($track->likeness($turns).json_encode($between, JSON_THROW_ON_ERROR));

        return self::remembered($route, $key, static fn (): SeriesFeature => new SeriesFeature(
            'metresPerSecond', self::kept($track->over($route->drive(), self::SECONDS_PER_SAMPLE), $between), self::SECONDS_PER_SAMPLE, LiveWork::SPEED_STEP,
        ));
    }

    /**
     * @template T
     *
     * @param  Closure(): T  $work
     * @return T
     */
    private static function remembered(Journey $route, string $key, Closure $work): mixed
    {
        $known = self::known($route);
        if (! isset($known[$key])) {
            if (count($known) >= self::MOST) {
                $known->exchangeArray([]);
            }
            $known[$key] = $work();
        }

        return $known[$key];
    }

    /**
     * @param  list<float>  $speeds
     * @param  ?array{float, float}  $between
     * @return list<float>
     */
    private static function kept(array $speeds, ?array $between): array
    {
        if ($between === null) {
            return $speeds;
        }
        $from = max(0, (int) round($between[0] / self::SECONDS_PER_SAMPLE));
        $to = (int) round($between[1] / self::SECONDS_PER_SAMPLE);

        return array_slice($speeds, $from, $to - $from);
    }

    /** @return ArrayObject<string, mixed> */
    private static function known(Journey $route): ArrayObject
    {
        /** @var ?WeakMap<Journey, ArrayObject<string, mixed>> $of */
        static $of = null;
        $of ??= new WeakMap;

        $known = $of[$route] ?? null;
        if (! $known instanceof ArrayObject) {
            $known = new ArrayObject;
            $of[$route] = $known;
        }

        return $known;
    }
}
