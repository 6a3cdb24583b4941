<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/**
 * The module's own supply: battery, fuse, relay contact, plug, module, and its power ground back to the body.
 *
 * The signals of the sensors are referred to a ground pin of their own, which carries next to no current; a bad power
 * ground starves the module and leaves the readings at the sensors alone.
 */
final readonly class PowerFeed
{
    /**
     * @param  string  $fuse  its place in the fuse box, for example "F 21"
     * @param  float  $wireOhms  from the battery to the fuse, and from the relay to the module, each
     * @param  float  $contactOhms  of fuse, relay and each plug pin
     * @param  float  $groundOhms  of the ground wire with its screw on the body
     * @param  float  $moduleOhms  what the working module takes, as a resistance
     * @param  float  $leastVolts  below this the module does not work
     * @param  ?float  $relayOhms  of a burnt relay contact, in its place; null where it is as it should be
     * @param  ?float  $rustOhms  under the ground screw, in addition; null where it is clean
     */
    public function __construct(
        public string $fuse,
        public float $fuseAmperes,
        public string $supplyPin,
        public string $groundPin,
        public float $wireOhms,
        public float $contactOhms,
        public float $groundOhms,
        public float $moduleOhms,
        public float $leastVolts,
        public bool $fuseBlown = false,
        public ?float $relayOhms = null,
        public ?float $rustOhms = null,
    ) {
        Quantity::positive(['fuseAmperes' => $this->fuseAmperes, 'wireOhms' => $this->wireOhms, 'contactOhms' => $this->contactOhms, 'groundOhms' => $this->groundOhms, 'moduleOhms' => $this->moduleOhms, 'leastVolts' => $this->leastVolts]);
        Quantity::notNegative(['relayOhms' => $this->relayOhms ?? 0.0, 'rustOhms' => $this->rustOhms ?? 0.0]);
    }

    public function withFuse(bool $blown): self
    {
        return $this->with($blown, $this->relayOhms, $this->rustOhms);
    }

    public function withRelay(?float $ohms): self
    {
        return $this->with($this->fuseBlown, $ohms, $this->rustOhms);
    }

    public function withRust(?float $ohms): self
    {
        return $this->with($this->fuseBlown, $this->relayOhms, $ohms);
    }

    /** What arrives across the working module. */
    public function moduleVolts(float $systemVolts): float
    {
        $inSeries = 2.0 * $this->wireOhms + 3.0 * $this->contactOhms + ($this->relayOhms ?? $this->contactOhms) + $this->groundOhms + ($this->rustOhms ?? 0.0);

        return $this->fuseBlown ? 0.0 : $systemVolts * $this->moduleOhms / ($this->moduleOhms + $inSeries);
    }

    private function with(bool $fuseBlown, ?float $relayOhms, ?float $rustOhms): self
    {
        return new self(
            $this->fuse, $this->fuseAmperes, $this->supplyPin, $this->groundPin, $this->wireOhms, $this->contactOhms, $this->groundOhms,
            $this->moduleOhms, $this->leastVolts, $fuseBlown, $relayOhms, $rustOhms,
        );
    }
}
