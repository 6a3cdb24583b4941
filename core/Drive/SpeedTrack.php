<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Generator;
use Lernfall\Module\SpeedInput;
use Lernfall\Signal\Teeth;

/**
 * One wheel's speed over a drive, as the module reckons it from the teeth it counts.
 *
 * Assumed: no slip; in a bend the wheels of the inner side run a little slower and those of the outer side as much faster;
 * what comes and goes is gone for a moment again and again as long as the ground provokes it; counting is read out evenly,
 * so the width of one tooth does not show. It stops being true below walking pace.
 */
final readonly class SpeedTrack
{
    /** Half the difference between inner and outer wheels in a bend: a radius of some forty metres and a usual track. */
    private const BEND_SHARE = 0.018;

    /** A drop-out: how often, and for how long. */
    private const DROP_OUT_EVERY_SECONDS = 1.7;

    private const DROP_OUT_SECONDS = 0.45;

    /** @var list<float> felt teeth up to the end of each tooth, as a share of all */
    private array $passed;

    /**
     * @param  string  $side  "left" or "right"; "" for what turns on neither
     * @param  float  $factor  what the module takes for the speed against the true one: tyre and ring
     * @param  ?Ground  $dropsOutOn  ground on which the signal is gone at times; null where it never is
     * @param  bool  $lasts  it is gone as long as that ground lasts, instead of at times
     * @param  float  $dropsOutFromSeconds  at times whatever the ground, from here on; infinite where it does not
     * @param  float  $goneFromSeconds  for good from here on, because the module has switched its supply off
     */
    public function __construct(
        private SpeedInput $input,
        private Teeth $teeth,
        private string $side,
        private float $metresPerTurn,
        private float $factor = 1.0,
        private ?Ground $dropsOutOn = null,
        private bool $lasts = false,
        private float $dropsOutFromSeconds = INF,
        private float $goneFromSeconds = INF,
    ) {
        $passed = [];
        $sum = 0.0;
        foreach ($teeth->felt as $strength) {
            $sum += $strength > 0.0 ? 1.0 : 0.0;
            $passed[] = $sum / $teeth->count();
        }
        $this->passed = $passed;
    }

    /**
     * @return list<float> metres a second, one each interval
     */
    public function over(Drive $drive, float $intervalSeconds): array
    {
        $speeds = [];
        $turns = 0.0;
        foreach ($this->moments($drive, $intervalSeconds) as [$ground, $secondsInto, $time, $wheel]) {
            $further = $turns + $wheel * $intervalSeconds / $this->metresPerTurn;
            $isGone = $time >= $this->goneFromSeconds || $this->isGone($ground, $secondsInto, $time) || ! $this->input->counts($wheel / $this->metresPerTurn);
            $share = $this->input->hasGapsAt($wheel / $this->metresPerTurn) && $further > $turns
                ? ($this->feltUntil($further) - $this->feltUntil($turns)) / ($further - $turns)
                : 1.0;
            $speeds[] = $isGone ? 0.0 : $wheel * $this->factor * $share;
            $turns = $further;
        }

        return $speeds;
    }

    /** @return list<float> turns a second that come up on a drive, ascending */
    public function turnsOn(Drive $drive, float $intervalSeconds): array
    {
        $turns = [];
        foreach ($this->moments($drive, $intervalSeconds) as [, , , $wheel]) {
            $turns[] = $wheel / $this->metresPerTurn;
        }
        sort($turns);

        return $turns;
    }

    /** On what besides the drive the turns depend that come up. */
    public function wheel(): string
    {
        return "$this->side $this->metresPerTurn";
    }

    /**
     * What two tracks over one drive have in common that come out alike: how many of the turns that come up are counted, and
     * how many without gaps, instead of the signal that decides it.
     *
     * @param  list<float>  $turns  as turnsOn() gives them
     */
    public function likeness(array $turns): string
    {
        $counted = self::below($turns, $this->input->leastTurnsPerSecond());
        $even = self::below($turns, $this->input->evenFromTurnsPerSecond());

        return serialize([
            $this->wheel(), $this->factor, $this->dropsOutOn, $this->lasts, $this->dropsOutFromSeconds, $this->goneFromSeconds,
            $counted, ...($even > $counted ? [$even, $this->passed] : []),
        ]);
    }

    /** @param  list<float>  $turns  ascending */
    private static function below(array $turns, float $limit): int
    {
        [$from, $to] = [0, count($turns)];
        while ($from < $to) {
            $middle = intdiv($from + $to, 2);
            [$from, $to] = $turns[$middle] < $limit ? [$middle + 1, $to] : [$from, $middle];
        }

        return $from;
    }

    /** @return Generator<array{Ground, float, float, float}> ground, seconds into its stretch, seconds of the drive, metres a second of the wheel */
    private function moments(Drive $drive, float $intervalSeconds): Generator
    {
        $time = 0.0;
        $begun = 0.0;
        foreach ($drive->stretches as $stretch) {
            for (; $time < $begun + $stretch->seconds; $time += $intervalSeconds) {
                yield [$stretch->ground, $time - $begun, $time, $stretch->speedAfter($time - $begun) * (1.0 + $this->bend($stretch->ground))];
            }
            $begun += $stretch->seconds;
        }
    }

    private function bend(Ground $ground): float
    {
        $outward = ['left' => -1.0, 'right' => 1.0][$this->side] ?? 0.0; // in a bend to the left

        return match ($ground) {
            Ground::LeftBend => self::BEND_SHARE * $outward,
            Ground::RightBend => -self::BEND_SHARE * $outward,
            default => 0.0,
        };
    }

    private function isGone(Ground $ground, float $secondsInto, float $seconds): bool
    {
        return ($seconds >= $this->dropsOutFromSeconds || $ground === $this->dropsOutOn)
            && $secondsInto >= self::DROP_OUT_EVERY_SECONDS
            && ($this->lasts || fmod($secondsInto, self::DROP_OUT_EVERY_SECONDS) < self::DROP_OUT_SECONDS);
    }

    /** Turns' worth of felt teeth up to an angle given in turns. */
    private function feltUntil(float $turns): float
    {
        $whole = floor($turns);
        $teeth = ($turns - $whole) * $this->teeth->count();
        $tooth = (int) floor($teeth);
        $before = $tooth > 0 ? $this->passed[$tooth - 1] : 0.0;
        $here = ($this->passed[$tooth] ?? $this->passed[count($this->passed) - 1]) - $before;

        return $whole * $this->passed[count($this->passed) - 1] + $before + $here * ($teeth - $tooth);
    }
}
