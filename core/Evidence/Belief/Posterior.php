<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

use Closure;

/** How likely each hypothesis is, given some evidence. Bayes' rule: proportional to its prior times its likelihood. */
final readonly class Posterior
{
    /**
     * @param  list<float>  $logs  natural logarithms of the likelihoods, hypothesis by hypothesis
     * @param  list<float>  $chances  together 1, hypothesis by hypothesis
     */
    private function __construct(public Hypotheses $hypotheses, private array $logs, public array $chances)
    {
    }

    /** @param  list<float>  $logs  natural logarithms of the likelihoods, hypothesis by hypothesis */
    public static function of(Hypotheses $hypotheses, array $logs): self
    {
        return self::weighted($hypotheses, $logs, static fn (Hypothesis $hypothesis): float => $hypothesis->prior);
    }

    /**
     * Of hypotheses that can have come about in several ways each.
     *
     * @param  list<HypothesisBranch>  $ways
     * @param  list<float>  $logs  natural logarithms of the likelihoods, way by way
     */
    public static function ofWays(Hypotheses $hypotheses, array $ways, array $logs): self
    {
        $greatest = array_fill(0, $hypotheses->count(), -INF);
        foreach ($ways as $index => $way) {
            $greatest[$way->hypothesis] = max($greatest[$way->hypothesis], $logs[$index]);
        }
        $sums = array_fill(0, $hypotheses->count(), 0.0);
        foreach ($ways as $index => $way) {
            $sums[$way->hypothesis] += exp($logs[$index] - $greatest[$way->hypothesis]);
        }

        return self::of($hypotheses, array_map(static fn (float $most, float $sum): float => $sum > 0.0 ? $most + log($sum) : -INF, $greatest, $sums));
    }

    /** The same evidence, had a kind of fault been so much more common. */
    public function ifCommoner(string $kind, float $factor): self
    {
        return self::weighted($this->hypotheses, $this->logs, static fn (Hypothesis $hypothesis): float => $hypothesis->prior * (in_array($kind, $hypothesis->kinds(), true) ? $factor : 1.0));
    }

    /** @return list<int> hypotheses from the likeliest down, until this share of all is covered */
    public function covering(float $share, int $atMost = PHP_INT_MAX): array
    {
        $chances = $this->chances;
        arsort($chances);
        $covered = 0.0;
        $list = [];
        foreach ($chances as $hypothesis => $chance) {
            if ($covered >= $share || count($list) >= $atMost) {
                break;
            }
            $list[] = $hypothesis;
            $covered += $chance;
        }

        return $list;
    }

    /**
     * @param  Closure(Hypothesis): string  $name
     * @return array<array-key, float> chance by name, likeliest first
     */
    public function by(Closure $name): array
    {
        $sums = [];
        foreach ($this->chances as $place => $chance) {
            $key = $name($this->hypotheses->all[$place]);
            $sums[$key] = ($sums[$key] ?? 0.0) + $chance;
        }
        arsort($sums);

        return $sums;
    }

    /** @return array<array-key, float> chance by kind and place, strength left aside, likeliest first */
    public function byName(): array
    {
        return $this->by(static fn (Hypothesis $hypothesis): string => $hypothesis->name());
    }

    /**
     * @param  list<float>  $logs
     * @param  Closure(Hypothesis): float  $prior
     */
    private static function weighted(Hypotheses $hypotheses, array $logs, Closure $prior): self
    {
        $weights = array_map(static fn (Hypothesis $hypothesis, float $log): float => $prior($hypothesis) > 0.0 ? log($prior($hypothesis)) + $log : -INF, $hypotheses->all, $logs);
        $greatest = max($weights);
        $chances = array_map(static fn (float $weight): float => exp($weight - $greatest), $weights);
        $sum = array_sum($chances);

        return new self($hypotheses, $logs, array_map(static fn (float $chance): float => $chance / $sum, $chances));
    }
}
