<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A cable on the way from sensor to module. */
final readonly class Cable implements Link
{
    /** What cables rub on. */
    public const PLACES = ['wheel-arch-edge', 'spring-seat', 'brake-hose-bracket', 'track-rod', 'subframe-corner'];

    /**
     * @param  array<array-key, Wire>  $wires  by conductor
     * @param  ?float  $bridgeOhms  between the middles of the first two wires; null where they do not touch
     * @param  bool  $taped  somebody has wound insulating tape round it
     * @param  string  $rubsOn  what it would rub on out of its holders, a word of PLACES; "" for nothing in particular
     * @param  bool  $misrouted  it is out of its holders
     */
    public function __construct(private string $name, public array $wires, public bool $twisted = true, public ?float $bridgeOhms = null, public bool $taped = false, public string $rubsOn = '', public bool $misrouted = false)
    {
    }

    public function name(): string
    {
        return $this->name;
    }

    public function withWire(string $conductor, Wire $wire): self
    {
        return new self($this->name, [$conductor => $wire] + $this->wires, $this->twisted, $this->bridgeOhms, $this->taped, $this->rubsOn, $this->misrouted);
    }

    public function bridged(float $ohms): self
    {
        return new self($this->name, $this->wires, $this->twisted, $ohms, $this->taped, $this->rubsOn, $this->misrouted);
    }

    /** Mended with single wires side by side, which pick up what the twist would cancel. */
    public function untwisted(): self
    {
        return new self($this->name, $this->wires, false, $this->bridgeOhms, $this->taped, $this->rubsOn, $this->misrouted);
    }

    /** Taped round: what was bare touches nothing any more, for the time being. */
    public function taped(): self
    {
        $covered = array_map(static fn (Wire $wire): Wire => $wire->covered(), $this->wires);

        return new self($this->name, $covered, $this->twisted, null, true, $this->rubsOn, $this->misrouted);
    }

    /** Out of its holders, so that it rubs where it should not, or laid clear and clipped in again. */
    public function misrouted(bool $misrouted): self
    {
        return new self($this->name, $this->wires, $this->twisted, $this->bridgeOhms, $this->taped, $this->rubsOn, $misrouted);
    }

    public function lengthMetres(): float
    {
        return max(0.0, ...array_map(static fn (Wire $wire): float => $wire->lengthMetres, array_values($this->wires)));
    }
}
