<?php

declare(strict_types=1);

namespace Lernfall\Bay\Workshop;

use LogicException;

/** The workshop a job is done in: its instruments, the eyes that look, its times and prices. */
final readonly class Workshop
{
    /**
     * @param  array<class-string<Equipment>, Equipment>  $equipment
     * @param  array<string, Rate>  $rates  by rate name of the actions
     * @param  list<string>  $withheld  tools that are not there, and kinds of repair that are not made here
     */
    private function __construct(private array $equipment, public float $hubHalfLifeMinutes, public float $costPerMinute, private array $rates, private array $withheld)
    {
    }

    /**
     * @param  list<Equipment>  $equipment
     * @param  float  $hubHalfLifeMinutes  the time in which half of what a hub is warmer than the air is gone
     * @param  array<string, Rate>  $rates  by rate name of the actions
     */
    public static function with(array $equipment, float $hubHalfLifeMinutes, float $costPerMinute, array $rates): self
    {
        return new self(array_combine(array_map(static fn (Equipment $one): string => $one::class, $equipment), $equipment), $hubHalfLifeMinutes, $costPerMinute, $rates, []);
    }

    /**
     * @template T of Equipment
     *
     * @param  class-string<T>  $kind
     * @return T
     */
    public function equipment(string $kind): Equipment
    {
        $found = $this->equipment[$kind] ?? null;

        return $found instanceof $kind ? $found : throw new LogicException("the workshop has no $kind");
    }

    /** The same workshop with another one of a kind. */
    public function exchanging(Equipment $equipment): self
    {
        return new self([$equipment::class => $equipment] + $this->equipment, $this->hubHalfLifeMinutes, $this->costPerMinute, $this->rates, $this->withheld);
    }

    /** @param  list<string>  $tools  and kinds of repair */
    public function withholding(array $tools): self
    {
        return new self($this->equipment, $this->hubHalfLifeMinutes, $this->costPerMinute, $this->rates, $tools);
    }

    /** @param  string  $tool  or kind of repair; "" for bare hands, which are always there */
    public function has(string $tool): bool
    {
        return ! in_array($tool, $this->withheld, true);
    }

    /** @param  string  $name  of the entry in the price list */
    public function rate(string $name): Rate
    {
        return $this->rates[$name] ?? new Rate(0.0, 0.0);
    }

    /** @return array<string, Rate> */
    public function rates(): array
    {
        return $this->rates;
    }
}
