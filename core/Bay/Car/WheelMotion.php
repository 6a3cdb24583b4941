<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** The wheel a helper turns, and how often wheels have come to rest somewhere else. */
final readonly class WheelMotion
{
    /**
     * @param  string  $channel  the channel whose wheel is turned, or ""
     * @param  float  $turnsPerSecond  below zero backwards
     */
    private function __construct(public string $channel, public float $turnsPerSecond, public int $rests)
    {
    }

    public static function none(): self
    {
        return new self('', 0.0, 0);
    }

    public function turning(string $channel, float $turnsPerSecond): self
    {
        return $turnsPerSecond === 0.0 ? (new self('', 0.0, $this->rests))->rolled() : new self($channel, $turnsPerSecond, $this->rests);
    }

    /** A car that comes down stops turning its wheels. */
    public function stopped(): self
    {
        return new self('', 0.0, $this->rests);
    }

    /** The wheels have rolled and stand somewhere else now. */
    public function rolled(): self
    {
        return new self($this->channel, $this->turnsPerSecond, $this->rests + 1);
    }
}
