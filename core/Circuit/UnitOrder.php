<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

/** What the module has switched at the hydraulic unit. */
final readonly class UnitOrder
{
    /**
     * @param  bool  $valvesFed  it pulls the relay of the valves
     * @param  array<string, int>  $positions  by valve, which of its positions it is driven to; the others rest
     * @param  bool  $pump  it pulls the relay of the pump
     */
    public function __construct(public bool $valvesFed = false, public array $positions = [], public bool $pump = false)
    {
    }

    /** @param  array<string, int>  $positions */
    public static function valves(array $positions): self
    {
        return new self(true, $positions);
    }

    /** @return array<string, int> by valve, those that do not rest */
    public function driven(): array
    {
        return array_filter($this->positions, static fn (int $position): bool => $position > 0);
    }
}
