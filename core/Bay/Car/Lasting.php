<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/** What earlier work has left in a car: the warmth of its hubs, and at its hydraulic unit the fluid in the accumulators and the heat of coils and pump. */
final readonly class Lasting
{
    /** Less than this of what they bear, coils and pump are cold. */
    private const NOTHING = 0.001;

    /** Coils and a pump motor cool so many times as fast as a hub; an assumption. */
    private const COOLS_FASTER = 4.0;

    /**
     * @param  array<string, float>  $accumulatedCubicCentimetres  by brake circuit; none where all are empty
     * @param  float  $strain  of coils and pump by being driven, as a share of what they bear; from 1 on they have to rest
     */
    public function __construct(public Warmth $warmth, public array $accumulatedCubicCentimetres = [], public float $strain = 0.0)
    {
    }

    public function withWarmth(Warmth $warmth): self
    {
        return new self($warmth, $this->accumulatedCubicCentimetres, $this->strain);
    }

    /** @param  array<string, float>  $cubicCentimetres */
    public function withAccumulated(array $cubicCentimetres): self
    {
        return new self($this->warmth, array_filter($cubicCentimetres, static fn (float $one): bool => $one > 0.0), $this->strain);
    }

    public function strainedBy(float $share): self
    {
        return new self($this->warmth, $this->accumulatedCubicCentimetres, max(0.0, $this->strain + $share));
    }

    public function mustRest(): bool
    {
        return $this->strain >= 1.0;
    }

    public function isCold(): bool
    {
        return $this->strain === 0.0 && $this->warmth == Warmth::none();
    }

    /**
     * @param  float  $halfLifeMinutes  in which half of the warmth of a hub is gone
     * @param  string  $held  the channel that is being kept warm meanwhile; "" for none
     */
    public function cooled(float $minutes, float $halfLifeMinutes, string $held): self
    {
        $strain = $this->strain * 0.5 ** (self::COOLS_FASTER * $minutes / $halfLifeMinutes);

        return new self($this->warmth->cooled($minutes, $halfLifeMinutes, $held), $this->accumulatedCubicCentimetres, $strain > self::NOTHING ? $strain : 0.0);
    }
}
