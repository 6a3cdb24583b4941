<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Closure;
use Lernfall\Quantity;

/** One speed channel: ring, gap, sensor, and the links from the sensor to the module. */
final readonly class Channel
{
    /**
     * @param  list<string>  $wheels  the wheels it watches; none for a shaft or the body
     * @param  string  $axle  "front" or "rear", or another place such as "shaft"
     * @param  string  $side  "left" or "right", as seen sitting in the car facing forward; "" where it has none
     * @param  list<Conductor>  $conductors  in the order the input stage names them
     * @param  ?Acting  $acting  how it is while provoked; null where nothing provokes it
     * @param  float  $tipDust  share of the ring's effect that metal dust on the sensor's tip takes away
     * @param  ?int  $reckonedTeeth  what the module divides by to get from teeth to turns; null for those of the ring
     * @param  float  $bearingPlayMetres  by which the wheel can be rocked
     * @param  float  $tyreFactor  rolling circumference of the tyre fitted here against the one the car is built for
     * @param  list<Link>  $links  in order from the sensor to the module
     */
    public function __construct(
        public string $id,
        public array $wheels,
        public string $axle,
        public string $side,
        public ToothedRing $ring,
        public float $gapMetres,
        public Sensor $sensor,
        public array $conductors,
        public array $links,
        public InputStage $input,
        public Port $port = Port::Sound,
        public float $tipDust = 0.0,
        public ?int $reckonedTeeth = null,
        public float $bearingPlayMetres = 0.0,
        public float $tyreFactor = 1.0,
        public ?Acting $acting = null,
    ) {
        Quantity::notNegative(['gapMetres' => $this->gapMetres, 'bearingPlayMetres' => $this->bearingPlayMetres]);
        Quantity::within('tipDust', $this->tipDust, 0.0, 1.0);
        Quantity::positive(['tyreFactor' => $this->tyreFactor, 'teeth' => $this->reckonedTeeth ?? 1]);
    }

    public function withRing(ToothedRing $ring): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(ring: $ring));
    }

    public function withGap(float $gapMetres): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(gapMetres: $gapMetres));
    }

    public function withSensor(Sensor $sensor): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(sensor: $sensor));
    }

    public function withTipDust(float $share): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(tipDust: $share));
    }

    public function withBearingPlay(float $metres): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(bearingPlayMetres: $metres));
    }

    public function withTyreFactor(float $factor): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(tyreFactor: $factor));
    }

    public function withInput(InputStage $input): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(input: $input));
    }

    /** What the module divides by to get from teeth to turns. */
    public function reckonedTeeth(): int
    {
        return $this->reckonedTeeth ?? $this->ring->teeth;
    }

    /** With the sensor of another channel, its dust, and what it does while provoked. */
    public function withSensorOf(self $other): self
    {
        $fitted = $this->withSensor($other->sensor)->withTipDust($other->tipDust);
        if ($other->acting === null || $other->acting->channel->sensor == $other->sensor && $other->acting->channel->tipDust === $other->tipDust) {
            return $fitted;
        }
        $provoked = $other->acting->channel;

        return $fitted->actingAs(
            ($fitted->acting->channel ?? $fitted)->withSensor($provoked->sensor)->withTipDust($provoked->tipDust),
            $other->acting->provocation,
        );
    }

    public function withPort(Port $port): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(port: $port));
    }

    /** The link of the same name is exchanged for this one. */
    public function withLink(Link $link): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(links: array_map(
            static fn (Link $old): Link => $old->name() === $link->name() ? $link : $old,
            $channel->links,
        )));
    }

    /**
     * The change is made to it as it is at rest and as it is while provoked; where that leaves no difference, nothing provokes
     * it any more.
     *
     * @param  Closure(self): self  $change
     */
    public function inEveryState(Closure $change): self
    {
        $dormant = $change($this->dormant());

        return $this->acting === null ? $dormant : $dormant->actingAs($change($this->acting->channel), $this->acting->provocation);
    }

    /** The same channel, which is like another one while something provokes it. */
    public function actingAs(self $other, Provocation $provocation): self
    {
        return $other == $this ? $this : new self(
            $this->id, $this->wheels, $this->axle, $this->side, $this->ring, $this->gapMetres, $this->sensor, $this->conductors,
            $this->links, $this->input, $this->port, $this->tipDust, $this->reckonedTeeth, $this->bearingPlayMetres, $this->tyreFactor,
            new Acting($provocation, $other),
        );
    }

    /** As it is while nothing provokes it. */
    public function dormant(): self
    {
        return $this->acting === null ? $this : $this->with();
    }

    /** @throws UnknownPart */
    public function plug(string $name): Plug
    {
        foreach ($this->plugs() as $plug) {
            if ($plug->name() === $name) {
                return $plug;
            }
        }

        throw UnknownPart::plug("$this->id.$name");
    }

    /** @throws UnknownPart */
    public function cable(string $name): Cable
    {
        foreach ($this->links as $link) {
            if ($link instanceof Cable && $link->name() === $name) {
                return $link;
            }
        }

        throw UnknownPart::cable("$this->id.$name");
    }

    public function has(string $link): bool
    {
        return in_array($link, array_map(static fn (Link $one): string => $one->name(), $this->links), true);
    }

    /** @return list<Plug> in order from the sensor to the module */
    public function plugs(): array
    {
        return array_values(array_filter($this->links, static fn (Link $link): bool => $link instanceof Plug));
    }

    /** @param  ?list<Link>  $links */
    private function with(
        ?ToothedRing $ring = null,
        ?float $gapMetres = null,
        ?Sensor $sensor = null,
        ?array $links = null,
        ?Port $port = null,
        ?float $tipDust = null,
        ?float $bearingPlayMetres = null,
        ?float $tyreFactor = null,
        ?InputStage $input = null,
    ): self {
        return new self(
            $this->id, $this->wheels, $this->axle, $this->side, $ring ?? $this->ring, $gapMetres ?? $this->gapMetres,
            $sensor ?? $this->sensor, $this->conductors, $links ?? $this->links, $input ?? $this->input, $port ?? $this->port, $tipDust ?? $this->tipDust,
            $this->reckonedTeeth, $bearingPlayMetres ?? $this->bearingPlayMetres, $tyreFactor ?? $this->tyreFactor,
        );
    }
}
