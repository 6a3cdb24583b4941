<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** From the battery over a fuse and a relay to the hydraulic unit: one such feeds the valves, another one the pump. */
final readonly class RelayFeed
{
    /**
     * @param  float  $wireOhms  from the battery to the fuse, and from the relay to the unit, each
     * @param  float  $contactOhms  of the fuse and of a good contact of the relay, each
     * @param  string  $fuse  where its fuse sits, as the car's box calls it
     * @param  float  $fuseAmperes  its rating
     * @param  ?float  $burntOhms  of the relay's contact where it is burnt; null where it is good
     * @param  bool  $wireBroken  the wire from the relay to the unit
     */
    public function __construct(
        public float $wireOhms,
        public float $contactOhms,
        public string $fuse,
        public float $fuseAmperes,
        public bool $fuseBlown = false,
        public RelayState $relay = RelayState::Works,
        public ?float $burntOhms = null,
        public bool $wireBroken = false,
    ) {
        Quantity::resistances(['wireOhms' => $wireOhms, 'contactOhms' => $contactOhms, 'burntOhms' => $burntOhms ?? Quantity::LEAST_OHMS]);
        Quantity::positive(['fuseAmperes' => $fuseAmperes]);
    }

    public function withFuse(bool $blown): self
    {
        return $this->with($blown, $this->relay, $this->burntOhms, $this->wireBroken);
    }

    public function withRelay(RelayState $relay, ?float $burntOhms = null): self
    {
        return $this->with($this->fuseBlown, $relay, $burntOhms, $this->wireBroken);
    }

    /** With the relay of another one. */
    public function withRelayOf(self $other): self
    {
        return $this->withRelay($other->relay, $other->burntOhms);
    }

    public function withWire(bool $broken): self
    {
        return $this->with($this->fuseBlown, $this->relay, $this->burntOhms, $broken);
    }

    public function relayContactOhms(): float
    {
        return $this->burntOhms ?? $this->contactOhms;
    }

    private function with(bool $fuseBlown, RelayState $relay, ?float $burntOhms, bool $wireBroken): self
    {
        return new self($this->wireOhms, $this->contactOhms, $this->fuse, $this->fuseAmperes, $fuseBlown, $relay, $burntOhms, $wireBroken);
    }
}
