<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** Where the key stands, how often it was turned on, and what the module feeds since. */
final readonly class KeyState
{
    /**
     * @param  list<string>  $supplied  channels the module has switched its supply to
     * @param  list<string>  $cut  channels whose supply it has switched off since
     */
    private function __construct(public Ignition $position, public int $cycles, public array $supplied, public array $cut = [])
    {
    }

    public static function off(): self
    {
        return new self(Ignition::Off, 0, []);
    }

    public function at(Ignition $position): self
    {
        return new self($position, $this->cycles + (int) $this->beginsCycle($position), $position === Ignition::Off ? [] : $this->supplied, $position === Ignition::Off ? [] : $this->cut);
    }

    /** Whether turning the key there begins a new cycle. */
    public function beginsCycle(Ignition $position): bool
    {
        return ! $this->isOn() && $position !== Ignition::Off;
    }

    public function isOn(): bool
    {
        return $this->position !== Ignition::Off;
    }

    public function isRunning(): bool
    {
        return $this->position === Ignition::Running;
    }

    /** @param  list<string>  $channels */
    public function supplying(array $channels): self
    {
        return new self($this->position, $this->cycles, $channels, array_values(array_diff($this->cut, $channels)));
    }

    /** @param  list<string>  $channels */
    public function cutting(array $channels): self
    {
        $cut = array_values(array_unique([...$this->cut, ...$channels]));
        sort($cut);

        return new self($this->position, $this->cycles, array_values(array_diff($this->supplied, $cut)), $cut);
    }
}
