<?php

declare(strict_types=1);

namespace Lernfall\Evidence;

use Closure;

/** How likely each suspect is, given some evidence. Bayes' rule: proportional to its prior times its likelihood. */
final readonly class Odds
{
    /**
     * @param  list<float>  $logs  natural logarithms of the likelihoods, suspect by suspect
     * @param  list<float>  $chances  together 1, suspect by suspect
     */
    private function __construct(public Suspects $suspects, private array $logs, public array $chances)
    {
    }

    /** @param  list<float>  $logs  natural logarithms of the likelihoods, suspect by suspect */
    public static function of(Suspects $suspects, array $logs): self
    {
        return self::weighted($suspects, $logs, static fn (Suspect $suspect): float => $suspect->prior);
    }

    /** The same evidence, had a kind of fault been so much more common. */
    public function ifCommoner(string $kind, float $factor): self
    {
        return self::weighted($this->suspects, $this->logs, static fn (Suspect $suspect): float => $suspect->prior * (in_array($kind, $suspect->kinds(), true) ? $factor : 1.0));
    }

    /** @return list<int> suspects from the likeliest down, until this share of all is covered */
    public function covering(float $share, int $atMost = PHP_INT_MAX): array
    {
        $chances = $this->chances;
        arsort($chances);
        $covered = 0.0;
        $list = [];
        foreach ($chances as $suspect => $chance) {
            if ($covered >= $share || count($list) >= $atMost) {
                break;
            }
            $list[] = $suspect;
            $covered += $chance;
        }

        return $list;
    }

    /**
     * @param  Closure(Suspect): string  $name
     * @return array<array-key, float> chance by name, likeliest first
     */
    public function by(Closure $name): array
    {
        $sums = [];
        foreach ($this->chances as $place => $chance) {
            $key = $name($this->suspects->all[$place]);
            $sums[$key] = ($sums[$key] ?? 0.0) + $chance;
        }
        arsort($sums);

        return $sums;
    }

    /** @return array<array-key, float> chance by kind and place, strength left aside, likeliest first */
    public function byName(): array
    {
        return $this->by(static fn (Suspect $suspect): string => $suspect->name());
    }

    /**
     * @param  list<float>  $logs
     * @param  Closure(Suspect): float  $prior
     */
    private static function weighted(Suspects $suspects, array $logs, Closure $prior): self
    {
        $weights = array_map(static fn (Suspect $suspect, float $log): float => $prior($suspect) > 0.0 ? log($prior($suspect)) + $log : -INF, $suspects->all, $logs);
        $greatest = max($weights);
        $chances = array_map(static fn (float $weight): float => exp($weight - $greatest), $weights);
        $sum = array_sum($chances);

        return new self($suspects, $logs, array_map(static fn (float $chance): float => $chance / $sum, $chances));
    }
}
