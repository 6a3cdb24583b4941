<?php

declare(strict_types=1);

namespace Lernfall\Calibration;

use Lernfall\Chance\Draw;

/**
 * Chances given against what came true, band by band. How far a band may lie off by chance is found by drawing the cars anew
 * with putting back (bootstrap; Efron 1979, from memory).
 */
final readonly class Reliability
{
    private const FROM = 0.3;

    private const EDGES = [0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 0.97, 1.0];

    /** A band has as many readings at least; narrower ones are taken together with the next. */
    private const LEAST = 400;

    private const RESAMPLES = 200;

    /** A truth with less than this while something else is claimed with more than that was ruled out wrongly. */
    private const RULED_OUT = 0.01;

    private const CLAIMED = 0.99;

    private const NEAR_CERTAIN = 0.97;

    private const LEAST_CHANCE = 1e-6;

    /** @param  list<Claim>  $claims */
    public function __construct(private array $claims, private string $seed)
    {
    }

    /** @return list<array{from: float, to: float, count: int, given: float, right: float, error: float}> from 30 % up; shares, and the standard error of their difference */
    public function bands(): array
    {
        $bands = [];
        $from = $before = self::FROM;
        $here = [];
        foreach (self::EDGES as $to) {
            array_push($here, ...array_filter($this->claims, static fn (Claim $one): bool => $one->given >= $before && ($one->given < $to || $to === 1.0)));
            $before = $to;
            if (count($here) >= self::LEAST || $to === 1.0 && $here !== []) {
                $bands[] = $this->band($from, $to, $here);
                [$from, $here] = [$to, []];
            }
        }

        return $bands;
    }

    /** The mean logarithm of the chance given to the truth; nearer to 0 is better (Good 1952, from memory). */
    public function logScore(): float
    {
        return array_sum(array_map(static fn (Claim $one): float => log(max(self::LEAST_CHANCE, $one->ofTruth)), $this->claims)) / max(1, count($this->claims));
    }

    /** How many claims were as good as certain. */
    public function nearCertain(): int
    {
        return count(array_filter($this->claims, static fn (Claim $one): bool => $one->given > self::NEAR_CERTAIN));
    }

    /** @return array{int, int} how often the truth was as good as ruled out, of how many claims that were certain */
    public function ruledOut(): array
    {
        $certain = array_filter($this->claims, static fn (Claim $one): bool => $one->given >= self::CLAIMED);

        return [count(array_filter($certain, static fn (Claim $one): bool => $one->ofTruth < self::RULED_OUT)), count($certain)];
    }

    /**
     * @param  list<Claim>  $claims
     * @return array{from: float, to: float, count: int, given: float, right: float, error: float}
     */
    private function band(float $from, float $to, array $claims): array
    {
        $given = array_sum(array_map(static fn (Claim $one): float => $one->given, $claims)) / count($claims);
        $right = count(array_filter($claims, static fn (Claim $one): bool => $one->isRight)) / count($claims);

        return ['from' => $from, 'to' => $to, 'count' => count($claims), 'given' => $given, 'right' => $right, 'error' => $this->error($claims, "$from")];
    }

    /** @param  list<Claim>  $claims */
    private function error(array $claims, string $band): float
    {
        $byCar = [];
        foreach ($claims as $claim) {
            $byCar[$claim->car][] = ($claim->isRight ? 1.0 : 0.0) - $claim->given;
        }
        $sums = array_map(static fn (array $of): array => [array_sum($of), count($of)], array_values($byCar));
        $draw = new Draw("$this->seed $band");
        $offs = [];
        for ($resample = 0; $resample < self::RESAMPLES; $resample++) {
            [$sum, $count] = [0.0, 0];
            foreach (array_keys($sums) as $place) {
                [$off, $of] = $sums[(int) ($draw->uniform("$resample $place") * count($sums))];
                [$sum, $count] = [$sum + $off, $count + $of];
            }
            $offs[] = $sum / $count;
        }
        $mean = array_sum($offs) / count($offs);

        return sqrt(array_sum(array_map(static fn (float $off): float => ($off - $mean) ** 2, $offs)) / count($offs));
    }
}
