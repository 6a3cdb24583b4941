<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Module\SpeedInput;

/**
 * A ring as the module hears it in a stop: from what speed on each tooth is heard, coarsely. Below a speed at which nothing is controlled any more it makes no difference, and above it
 * a tenth makes none: cars that differ by less are worked out once.
 */
final readonly class HeardRing
{
    private const STEP = 1.1;

    /** Of what a crack is wider by, in pitches. */
    private const CRACK_STEP = 0.05;

    /**
     * @param  non-empty-list<float>  $heardFrom  turns a second, by tooth; infinite where it is never heard
     * @param  float  $crackPitches  by which one gap is wider
     */
    private function __construct(public array $heardFrom, public float $crackPitches)
    {
    }

    /** @param  float  $leastTurnsPerSecond  below which it makes no difference */
    public static function of(SpeedInput $input, float $leastTurnsPerSecond): self
    {
        $coarse = static fn (float $from): float => match (true) {
            $from <= $leastTurnsPerSecond => 0.0,
            is_infinite($from) => INF,
            default => $leastTurnsPerSecond * self::STEP ** ceil(log($from / $leastTurnsPerSecond) / log(self::STEP)),
        };

        return new self(array_map($coarse, $input->heardFrom()), round($input->crackPitches() / self::CRACK_STEP) * self::CRACK_STEP);
    }

    public static function silent(): self
    {
        return new self([INF], 0.0);
    }

    /** Teeth that pass in a second as they are heard, on the mean of a turn. */
    public function teethPerSecond(float $turnsPerSecond): float
    {
        return $turnsPerSecond * count(array_filter($this->heardFrom, static fn (float $from): bool => $turnsPerSecond >= $from));
    }
}
