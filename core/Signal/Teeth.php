<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\Vehicle\Channel;

/** The teeth of a ring as one sensor feels them, round the turn. */
final readonly class Teeth
{
    /** @param  non-empty-list<float>  $felt  1 for a whole tooth at the mean gap */
    private function __construct(public array $felt, public float $crackPitches)
    {
    }

    public static function of(Channel $channel): self
    {
        $felt = [];
        foreach ($channel->wheelEnd->ring->strengths() as $tooth => $strength) {
            $off = $channel->wheelEnd->ring->runoutAt($tooth, $channel->wheelEnd->bearingPlayMetres);
            $felt[] = $channel->sensor->feels($strength, $off, $channel->wheelEnd->gapMetres);
        }

        return new self($felt === [] ? [1.0] : $felt, $channel->wheelEnd->ring->damage->crackPitches);
    }

    /** A single tooth that is always felt. */
    public static function single(): self
    {
        return new self([1.0], 0.0);
    }

    public function count(): int
    {
        return count($this->felt);
    }

    public function weakest(): float
    {
        return min($this->felt);
    }

    public function strongest(): float
    {
        return max($this->felt);
    }

    /** The share of teeth felt at least this strongly. */
    public function shareFrom(float $strength): float
    {
        return count(array_filter($this->felt, static fn (float $one): bool => $one >= $strength && $one > 0.0)) / count($this->felt);
    }

    public function meanSquare(): float
    {
        return array_sum(array_map(static fn (float $one): float => $one ** 2, $this->felt)) / count($this->felt);
    }

    public function mean(): float
    {
        return array_sum($this->felt) / count($this->felt);
    }
}
