<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A cable on the way from sensor to module. */
final readonly class Cable implements Link
{
    /**
     * @param  array<array-key, Wire>  $wires  by conductor
     * @param  ?float  $bridgeOhms  between the middles of the first two wires; null where they do not touch
     */
    public function __construct(private string $name, public array $wires, public bool $twisted = true, public ?float $bridgeOhms = null)
    {
    }

    public function name(): string
    {
        return $this->name;
    }

    public function withWire(string $conductor, Wire $wire): self
    {
        return new self($this->name, [$conductor => $wire] + $this->wires, $this->twisted, $this->bridgeOhms);
    }

    public function bridged(float $ohms): self
    {
        return new self($this->name, $this->wires, $this->twisted, $ohms);
    }
}
