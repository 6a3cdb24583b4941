<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** The wheels that turn on stands, by a helper's hand or by the engine, and how often wheels have come to rest somewhere else. */
final readonly class WheelMotion
{
    /**
     * @param  array<string, float>  $turns  a second, by channel; below zero backwards, none of them zero
     * @param  bool  $underPower  the engine turns them
     */
    private function __construct(private array $turns, public int $rests, public bool $underPower = false)
    {
    }

    public static function none(): self
    {
        return new self([], 0);
    }

    /** A helper turns one wheel by hand. */
    public function turning(string $channel, float $turnsPerSecond): self
    {
        return $turnsPerSecond === 0.0 ? $this->stopped()->rolled() : new self([$channel => $turnsPerSecond], $this->rests);
    }

    /**
     * The engine turns the wheels of an axle.
     *
     * @param  array<string, float>  $turns  a second, by channel
     */
    public function driven(array $turns): self
    {
        return new self($turns, $this->rests, true);
    }

    /** A car that comes down, or whose engine stops, stops turning its wheels. */
    public function stopped(): self
    {
        return new self([], $this->rests);
    }

    /** The wheels have rolled and stand somewhere else now. */
    public function rolled(): self
    {
        return new self($this->turns, $this->rests + 1, $this->underPower);
    }

    /** 0 where it stands. */
    public function turnsOf(string $channel): float
    {
        return $this->turns[$channel] ?? 0.0;
    }

    /** @return list<string> */
    public function channels(): array
    {
        return array_keys($this->turns);
    }

    /** Tells two of them apart. */
    public function text(): string
    {
        return json_encode($this->turns, JSON_THROW_ON_ERROR).($this->underPower ? ' under power' : '');
    }
}
