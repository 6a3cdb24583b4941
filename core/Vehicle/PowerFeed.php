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
     * @param  float  $leastVolts  below this the module does not work
     */
    public function __construct(
        public string $fuse,
        public float $fuseAmperes,
        public string $supplyPin,
        public string $groundPin,
        public FeedResistances $resistances,
        public float $leastVolts,
        public FeedFaults $faults = new FeedFaults,
    ) {
        Quantity::positive(['fuseAmperes' => $this->fuseAmperes, 'leastVolts' => $this->leastVolts]);
    }

    public function withFuse(bool $blown): self
    {
        return $this->with(new FeedFaults($blown, $this->faults->relayOhms, $this->faults->rustOhms));
    }

    public function withRelay(?float $ohms): self
    {
        return $this->with(new FeedFaults($this->faults->fuseBlown, $ohms, $this->faults->rustOhms));
    }

    public function withRust(?float $ohms): self
    {
        return $this->with(new FeedFaults($this->faults->fuseBlown, $this->faults->relayOhms, $ohms));
    }

    /** What arrives across the working module. */
    public function moduleVolts(float $systemVolts): float
    {
        $sound = $this->resistances;
        $inSeries = 2.0 * $sound->wireOhms + 3.0 * $sound->contactOhms + ($this->faults->relayOhms ?? $sound->contactOhms) + $sound->groundOhms + ($this->faults->rustOhms ?? 0.0);

        return $this->faults->fuseBlown ? 0.0 : $systemVolts * $sound->moduleOhms / ($sound->moduleOhms + $inSeries);
    }

    private function with(FeedFaults $faults): self
    {
        return new self($this->fuse, $this->fuseAmperes, $this->supplyPin, $this->groundPin, $this->resistances, $this->leastVolts, $faults);
    }
}
