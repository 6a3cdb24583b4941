<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Closure;

/** One speed channel: ring, gap, sensor, and the links from the sensor to the module. */
final readonly class Channel
{
    /**
     * @param  list<Conductor>  $conductors  in the order the input stage names them
     * @param  list<Link>  $links  in order from the sensor to the module
     * @param  ?Acting  $acting  how it is while provoked; null where nothing provokes it
     */
    public function __construct(
        public string $id,
        public ChannelPlace $place,
        public WheelEnd $wheelEnd,
        public Sensor $sensor,
        public array $conductors,
        public array $links,
        public ModuleEnd $moduleEnd,
        public ?Acting $acting = null,
    ) {
    }

    public function withRing(ToothedRing $ring): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(wheelEnd: $channel->wheelEnd->with(ring: $ring)));
    }

    public function withGap(float $gapMetres): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(wheelEnd: $channel->wheelEnd->with(gapMetres: $gapMetres)));
    }

    public function withSensor(Sensor $sensor): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(sensor: $sensor));
    }

    public function withTipDust(float $share): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(wheelEnd: $channel->wheelEnd->with(tipDust: $share)));
    }

    public function withBearingPlay(float $metres): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(wheelEnd: $channel->wheelEnd->with(bearingPlayMetres: $metres)));
    }

    public function withTyreFactor(float $factor): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(wheelEnd: $channel->wheelEnd->with(tyreFactor: $factor)));
    }

    public function withTyreSoft(float $share): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(wheelEnd: $channel->wheelEnd->with(tyreSoft: $share)));
    }

    public function withInput(InputStage $input): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(moduleEnd: $channel->moduleEnd->withInput($input)));
    }

    /** What the module divides by to get from teeth to turns. */
    public function reckonedTeeth(): int
    {
        return $this->moduleEnd->reckonedTeeth ?? $this->wheelEnd->ring->teeth;
    }

    /** With the sensor of another channel, its dust, and what it does while provoked. */
    public function withSensorOf(self $other): self
    {
        $fitted = $this->withSensor($other->sensor)->withTipDust($other->wheelEnd->tipDust);
        if ($other->acting === null || $other->acting->channel->sensor == $other->sensor && $other->acting->channel->wheelEnd->tipDust === $other->wheelEnd->tipDust) {
            return $fitted;
        }
        $provoked = $other->acting->channel;

        return $fitted->actingAs(
            ($fitted->acting->channel ?? $fitted)->withSensor($provoked->sensor)->withTipDust($provoked->wheelEnd->tipDust),
            $other->acting->provocation,
        );
    }

    public function withPort(Port $port): self
    {
        return $this->inEveryState(static fn (self $channel): self => $channel->with(moduleEnd: $channel->moduleEnd->withPort($port)));
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
            $this->id, $this->place, $this->wheelEnd, $this->sensor, $this->conductors, $this->links, $this->moduleEnd, new Acting($provocation, $other),
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

    /** Whether its wires are a twisted pair all the way, so that it picks up nothing. */
    public function isTwisted(): bool
    {
        foreach ($this->links as $link) {
            if ($link instanceof Cable && ! $link->twisted) {
                return false;
            }
        }

        return true;
    }

    public function hasPlug(string $plugId): bool
    {
        foreach ($this->links as $link) {
            if ($link instanceof Plug && $link->plugId === $plugId) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, mixed> what it is made of, by name: of two that differ, these tell where */
    public function parts(): array
    {
        $end = $this->wheelEnd;

        return [
            'ring' => $end->ring, 'gapMetres' => $end->gapMetres, 'tipDust' => $end->tipDust, 'bearingPlayMetres' => $end->bearingPlayMetres, 'tyreFactor' => $end->tyreFactor, 'tyreSoft' => $end->tyreSoft,
            'input' => $this->moduleEnd->input, 'port' => $this->moduleEnd->port, 'sensor' => $this->sensor, 'links' => $this->links, 'acting' => $this->acting,
        ];
    }

    /**
     * At rest: what it does while provoked is not carried over.
     *
     * @param  ?list<Link>  $links
     */
    private function with(?WheelEnd $wheelEnd = null, ?Sensor $sensor = null, ?array $links = null, ?ModuleEnd $moduleEnd = null): self
    {
        return new self(
            $this->id, $this->place, $wheelEnd ?? $this->wheelEnd, $sensor ?? $this->sensor, $this->conductors, $links ?? $this->links, $moduleEnd ?? $this->moduleEnd,
        );
    }
}
