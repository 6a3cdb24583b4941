<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** One speed channel: ring, gap, sensor, and the links from the sensor to the module. */
final readonly class Channel
{
    /**
     * @param  list<string>  $wheels  the wheels it watches
     * @param  string  $axle  "front" or "rear"
     * @param  string  $side  "left" or "right", as seen sitting in the car facing forward
     * @param  list<Conductor>  $conductors  the first carries the module's pull-up, the second its pull-down
     * @param  list<Link>  $links  in order from the sensor to the module
     */
    public function __construct(
        public string $id,
        public array $wheels,
        public string $axle,
        public string $side,
        public ToothedRing $ring,
        public float $gapMetres,
        public PassiveSensor $sensor,
        public array $conductors,
        public array $links,
    ) {
    }

    public function withRing(ToothedRing $ring): self
    {
        return new self($this->id, $this->wheels, $this->axle, $this->side, $ring, $this->gapMetres, $this->sensor, $this->conductors, $this->links);
    }

    public function withGap(float $gapMetres): self
    {
        return new self($this->id, $this->wheels, $this->axle, $this->side, $this->ring, $gapMetres, $this->sensor, $this->conductors, $this->links);
    }

    public function withSensor(PassiveSensor $sensor): self
    {
        return new self($this->id, $this->wheels, $this->axle, $this->side, $this->ring, $this->gapMetres, $sensor, $this->conductors, $this->links);
    }

    /** The link of the same name is exchanged for this one. */
    public function withLink(Link $link): self
    {
        $links = array_map(
            static fn (Link $old): Link => $old->name() === $link->name() ? $link : $old,
            $this->links,
        );

        return new self($this->id, $this->wheels, $this->axle, $this->side, $this->ring, $this->gapMetres, $this->sensor, $this->conductors, $links);
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

    /** @return list<Plug> in order from the sensor to the module */
    public function plugs(): array
    {
        return array_values(array_filter($this->links, static fn (Link $link): bool => $link instanceof Plug));
    }
}
