<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** How much warmer than the surroundings the hubs are from driving, and single sensors from being warmed. */
final readonly class Warmth
{
    /** Less than this, in kelvin, no instrument tells. */
    private const NOTHING = 0.01;

    /** @param  array<string, float>  $warmed  by channel, in kelvin on top of the hub */
    private function __construct(public float $hubRiseKelvin, public array $warmed)
    {
    }

    public static function none(): self
    {
        return new self(0.0, []);
    }

    public function hubsAt(float $riseKelvin): self
    {
        return new self($riseKelvin, $this->warmed);
    }

    public function warming(string $channel, float $kelvin): self
    {
        return new self($this->hubRiseKelvin, [$channel => max($kelvin, $this->warmed[$channel] ?? 0.0)] + $this->warmed);
    }

    public function of(string $channel): float
    {
        return $this->hubRiseKelvin + ($this->warmed[$channel] ?? 0.0);
    }

    /**
     * Cools exponentially (Newton's law of cooling).
     *
     * @param  string  $held  the channel that is being kept warm meanwhile; "" for none
     */
    public function cooled(float $minutes, float $halfLifeMinutes, string $held): self
    {
        $factor = 0.5 ** ($minutes / $halfLifeMinutes);
        $warmed = [];
        foreach ($this->warmed as $channel => $kelvin) {
            $left = $channel === $held ? $kelvin : $kelvin * $factor;
            if ($left > self::NOTHING) {
                $warmed[$channel] = $left;
            }
        }

        return new self($this->hubRiseKelvin * $factor, $warmed);
    }
}
