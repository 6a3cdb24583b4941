<?php

declare(strict_types=1);

namespace Lernfall\Module\Control;

/**
 * A wheel's speed as a program reckons it from the moments its teeth pass: so many pitches in the time from one tooth to another.
 *
 * A tooth that is not heard is not counted, and the time goes on; while no tooth comes the wheel can be no faster than one pitch in the time since the last.
 */
final class ToothTimer
{
    /** Slower than this it is taken as standing. */
    private const LEAST_METRES_PER_SECOND = 0.75;

    private float $pitches;

    private int $passed;

    private int $heard = 0;

    private float $lastHeard = 0.0;

    private float $reckonedAt;

    private readonly int $teeth;

    private readonly float $aTurn;

    private readonly float $evenFrom;

    /**
     * @param  non-empty-list<float>  $heardFrom  turns a second from which each tooth is heard; infinite where it never is
     * @param  float  $crackPitches  by which the gap after the last tooth is wider
     * @param  float  $phase  where the ring stands as it begins, in turns
     * @param  float  $metresPerTooth  as the program reckons
     * @param  float  $speed  metres a second it holds as it begins
     */
    public function __construct(private readonly array $heardFrom, float $crackPitches, float $phase, private readonly float $metresPerTooth, private float $speed)
    {
        $this->teeth = count($heardFrom);
        $this->aTurn = $this->teeth + $crackPitches;
        $this->evenFrom = max($heardFrom);
        $this->pitches = $phase * $this->aTurn;
        $this->passed = $this->teethUpTo($this->pitches);
        $since = $this->pitches - $this->placeOf($this->passed);
        $this->reckonedAt = $speed > 0.0 ? -$since * $metresPerTooth / $speed : 0.0;
    }

    /** The wheel turns on. */
    public function turn(float $turnsPerSecond, float $from, float $seconds): void
    {
        $before = $this->pitches;
        $this->pitches += $turnsPerSecond * $seconds * $this->aTurn;
        $passed = $this->teethUpTo($this->pitches);
        if ($passed === $this->passed) {
            return;
        }
        $last = $passed;
        $heard = $passed - $this->passed;
        if ($turnsPerSecond < $this->evenFrom) {
            [$heard, $last] = $this->heardAmong($turnsPerSecond, $this->passed + 1, $passed);
        }
        $this->passed = $passed;
        if ($heard > 0) {
            $this->heard += $heard;
            $this->lastHeard = $from + $seconds * ($this->placeOf($last) - $before) / ($this->pitches - $before);
        }
    }

    /** Metres a second, as the program asks for it. */
    public function read(float $now): float
    {
        if ($this->heard > 0) {
            $this->speed = $this->heard * $this->metresPerTooth / max(1e-6, $this->lastHeard - $this->reckonedAt);
            $this->reckonedAt = $this->lastHeard;
            $this->heard = 0;
        } else {
            $this->speed = min($this->speed, $this->metresPerTooth / max(1e-6, $now - $this->reckonedAt));
        }

        return $this->speed < self::LEAST_METRES_PER_SECOND ? 0.0 : $this->speed;
    }

    /** @return array{int, int} how many, and the last of them */
    private function heardAmong(float $turnsPerSecond, int $first, int $last): array
    {
        [$heard, $latest] = [0, $first];
        for ($tooth = $first; $tooth <= $last; $tooth++) {
            if ($turnsPerSecond >= $this->heardFrom[$tooth % $this->teeth]) {
                $heard++;
                $latest = $tooth;
            }
        }

        return [$heard, $latest];
    }

    private function placeOf(int $tooth): float
    {
        return intdiv($tooth, $this->teeth) * $this->aTurn + $tooth % $this->teeth;
    }

    /** Number of the last tooth at or before a place of the ring, counted on from turn to turn. */
    private function teethUpTo(float $pitches): int
    {
        $turns = (int) floor($pitches / $this->aTurn);

        return $turns * $this->teeth + min((int) ($pitches - $turns * $this->aTurn), $this->teeth - 1);
    }
}
