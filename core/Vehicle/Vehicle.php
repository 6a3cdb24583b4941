<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Vehicle\Brakes\BrakeUnit;

/** A vehicle as it stands there: sound, or changed by faults and repairs. */
final readonly class Vehicle
{
    /** Stands for the car as a whole where something sits at no corner. */
    public const WHOLE = 'car';

    /** Stands for the hydraulic unit with its wires and brakes, where something has to do with no channel. */
    public const UNIT = 'unit';

    /**
     * @param  list<Channel>  $channels
     * @param  BrakeParts  $brakeParts  valves, pump, relays, switches, fluid, lamps
     * @param  list<LeftCode>  $leftCodes  what the module remembers when the car comes in
     */
    public function __construct(
        public string $id,
        public VehicleModel $model,
        public Tyre $tyre,
        public Climate $climate,
        public Power $power,
        public array $channels,
        public ModuleSpecification $module,
        public BrakeParts $brakeParts,
        public array $leftCodes = [],
    ) {
    }

    /** @throws UnknownPart */
    public function channel(string $id): Channel
    {
        foreach ($this->channels as $channel) {
            if ($channel->id === $id) {
                return $channel;
            }
        }

        throw UnknownPart::channel($id);
    }

    /** The channel the module takes this one for: itself, unless its pins sit at another input. */
    public function inputOf(string $id): string
    {
        $channel = $this->channel($id);

        return $channel->has('module-plug') && $channel->plug('module-plug')->input !== '' ? $channel->plug('module-plug')->input : $id;
    }

    /** What the module divides a channel's teeth by: those that belong to the input it sits at. */
    public function reckonedTeeth(string $id): int
    {
        return $this->channel($this->inputOf($id))->reckonedTeeth();
    }

    /** @return array<string, string> channels by the name the module has for them */
    public function inputs(): array
    {
        $inputs = [];
        foreach ($this->channels as $channel) {
            $inputs[$this->inputOf($channel->id)] = $channel->id;
        }

        return $inputs;
    }

    /** The channel of the other side of the axle; null where there is none. */
    public function opposite(string $id): ?Channel
    {
        $axle = $this->channel($id)->place->axle;
        foreach ($this->channels as $channel) {
            if ($channel->place->axle === $axle && $channel->id !== $id) {
                return $channel;
            }
        }

        return null;
    }

    /** The channel of the rear axle on the side of this one; null where there is none of its own. */
    public function behind(string $id): ?Channel
    {
        $side = $this->channel($id)->place->side;
        foreach ($this->channels as $channel) {
            if ($channel->place->axle === 'rear' && $channel->place->side === $side && $channel->id !== $id) {
                return $channel;
            }
        }

        return null;
    }

    /** @return list<string> */
    public function channelIds(): array
    {
        return array_map(static fn (Channel $channel): string => $channel->id, $this->channels);
    }

    public function hasChannel(string $id): bool
    {
        return in_array($id, $this->channelIds(), true);
    }

    /** The channel of the same id is exchanged for this one. */
    public function withChannel(Channel $changed): self
    {
        $channels = array_map(
            static fn (Channel $channel): Channel => $channel->id === $changed->id ? $changed : $channel,
            $this->channels,
        );

        return $this->with(channels: $channels);
    }

    /** Equal, and where a channel is equal to that of another vehicle, the very same. */
    public function sharing(self $other): self
    {
        return $this->with(channels: array_map(static fn (Channel $one): Channel => $one == $other->channel($one->id) ? $other->channel($one->id) : $one, $this->channels));
    }

    /** @return list<string> every plug a hand can open, each once */
    public function plugIds(): array
    {
        $ids = [];
        foreach ($this->channels as $channel) {
            foreach ($channel->plugs() as $plug) {
                $ids[$plug->plugId] = true;
            }
        }

        return array_map(strval(...), array_keys($ids));
    }

    public function withFeed(PowerFeed $feed): self
    {
        return $this->with(power: $this->power->withFeed($feed));
    }

    public function withSupply(Supply $supply): self
    {
        return $this->with(power: $this->power->withSupply($supply));
    }

    public function withModule(ModuleSpecification $module): self
    {
        return $this->with(module: $module);
    }

    public function withBrakePart(string $part, PartState $state): self
    {
        return $this->with(brakeParts: $this->brakeParts->with($part, $state));
    }

    /** The hydraulic unit; only for cars that have one. */
    public function unit(): BrakeUnit
    {
        return $this->brakeParts->unit ?? throw UnknownPart::unit();
    }

    public function withUnit(BrakeUnit $unit): self
    {
        return $this->with(brakeParts: $this->brakeParts->withUnit($unit));
    }

    public function inSurroundingsOf(float $celsius): self
    {
        return $this->with(climate: $this->climate->at($celsius));
    }

    /** @param  list<LeftCode>  $codes */
    public function withLeftCodes(array $codes): self
    {
        return $this->with(leftCodes: $codes);
    }

    /**
     * @param  ?list<Channel>  $channels
     * @param  ?list<LeftCode>  $leftCodes
     */
    private function with(?array $channels = null, ?Power $power = null, ?ModuleSpecification $module = null, ?array $leftCodes = null, ?Climate $climate = null, ?BrakeParts $brakeParts = null): self
    {
        return new self(
            $this->id, $this->model, $this->tyre, $climate ?? $this->climate, $power ?? $this->power, $channels ?? $this->channels,
            $module ?? $this->module, $brakeParts ?? $this->brakeParts, $leftCodes ?? $this->leftCodes,
        );
    }
}
