<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A cable on the way from sensor to module. */
final readonly class Cable implements Link
{
    /** @param  array<array-key, Wire>  $wires by conductor */
    public function __construct(private string $name, public array $wires, public bool $twisted = true)
    {
    }

    public function name(): string
    {
        return $this->name;
    }

    public function withWire(string $conductor, Wire $wire): self
    {
        return new self($this->name, [$conductor => $wire] + $this->wires, $this->twisted);
    }
}
