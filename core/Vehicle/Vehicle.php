<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A vehicle as it stands there: sound, or changed by faults and repairs. */
final readonly class Vehicle
{
    /** Stands for the car as a whole where something sits at no corner. */
    public const WHOLE = 'car';

    /**
     * @param  list<Channel>  $channels
     * @param  list<string>  $lamps  the lamps the driver has
     * @param  array<array-key, NominalValues>  $dataSheet  by axle, as the maker gives them
     * @param  list<Place>  $places
     * @param  BrakeParts  $brakeParts  valves, pump, relays, switches, fluid, lamps
     * @param  array<array-key, string>  $systems  names in a scan tool's menu, by system
     * @param  list<LeftCode>  $leftCodes  what the module remembers when the car comes in
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $layout,
        public Tyre $tyre,
        public Supply $supply,
        public float $ambientCelsius,
        public float $hubRiseKelvin,
        public array $channels,
        public ModuleSpecification $module,
        public array $lamps,
        public Tolerances $tolerances,
        public array $dataSheet,
        public PowerFeed $feed,
        public GapShift $gapShift,
        public BrakeParts $brakeParts,
        public array $places = [],
        public array $systems = [],
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

    /** The channel of the other side of the axle; null where there is none. */
    public function opposite(string $id): ?Channel
    {
        $axle = $this->channel($id)->axle;
        foreach ($this->channels as $channel) {
            if ($channel->axle === $axle && $channel->id !== $id) {
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
        return $this->with(feed: $feed);
    }

    public function withSupply(Supply $supply): self
    {
        return $this->with(supply: $supply);
    }

    public function withModule(ModuleSpecification $module): self
    {
        return $this->with(module: $module);
    }

    public function withBrakePart(string $part, PartState $state): self
    {
        return $this->with(brakeParts: $this->brakeParts->with($part, $state));
    }

    public function inSurroundingsOf(float $celsius): self
    {
        return $this->with(ambientCelsius: $celsius);
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
    private function with(?array $channels = null, ?PowerFeed $feed = null, ?Supply $supply = null, ?ModuleSpecification $module = null, ?array $leftCodes = null, ?float $ambientCelsius = null, ?BrakeParts $brakeParts = null): self
    {
        return new self(
            $this->id, $this->name, $this->layout, $this->tyre, $supply ?? $this->supply, $ambientCelsius ?? $this->ambientCelsius, $this->hubRiseKelvin,
            $channels ?? $this->channels, $module ?? $this->module, $this->lamps, $this->tolerances, $this->dataSheet, $feed ?? $this->feed,
            $this->gapShift, $brakeParts ?? $this->brakeParts, $this->places, $this->systems, $leftCodes ?? $this->leftCodes,
        );
    }
}
