<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use Closure;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** One entry of the catalogue: a way in which a channel, or the car as a whole, can be other than it should. */
final readonly class FaultKind
{
    /**
     * @param  string  $id  permanent, for example "coil-open"
     * @param  string  $station  of the path where it sits, for example "sensor"
     * @param  string  $defect  what it is called when the cause is named, for example "open"
     * @param  string  $unit  what its strength is measured in: "ohms", "metres", "teeth", "share", "volts", "flow" (cubic centimetres a second at one bar), "newton-metres", "cubic-centimetres", or "none" where it is there or not
     * @param  bool  $onConductor  whether it sits on one of the conductors, which then has to be named
     * @param  Closure(Channel, string, float): Channel  $change  told the conductor ("" where it sits on none) and the strength
     * @param  ?Provocation  $nature  what provokes it unless a case says otherwise; null where it always shows
     * @param  ?Closure(Vehicle, string, float): Vehicle  $carChange  for what lies outside the channel; told the channel and the strength
     */
    public function __construct(
        public string $id,
        public string $station,
        public string $defect,
        public string $unit,
        public bool $onConductor,
        private Closure $change,
        public ?Provocation $nature = null,
        private ?Closure $carChange = null,
        public FaultScope $scope = new FaultScope,
    ) {
    }

    /**
     * A fault of the car as a whole.
     *
     * @param  Closure(Vehicle, float): Vehicle  $change
     * @param  ?Closure(Vehicle): bool  $hasIt
     */
    public static function ofTheWholeCar(string $id, string $station, string $defect, string $unit, Closure $change, ?Closure $hasIt = null): self
    {
        return new self(
            $id, $station, $defect, $unit, false, static fn (Channel $channel): Channel => $channel,
            carChange: static fn (Vehicle $vehicle, string $channel, float $strength): Vehicle => $change($vehicle, $strength),
            scope: new FaultScope(wholeCar: true, hasIt: $hasIt),
        );
    }

    /** Whether a channel can have it at all. */
    public function fits(Channel $channel): bool
    {
        return ! $this->scope->wholeCar
            && ($this->scope->where === null || ($this->scope->where)($channel));
    }

    /** @return list<string> the places of this vehicle that can have it: channels, or the car as a whole */
    public function places(Vehicle $vehicle): array
    {
        return match (true) {
            ! $this->isFoundOn($vehicle) => [],
            $this->scope->wholeCar => [Vehicle::WHOLE],
            default => array_values(array_map(static fn (Channel $channel): string => $channel->id, array_filter($vehicle->channels, $this->fits(...)))),
        };
    }

    /** Whether this vehicle has the part at all. */
    public function isFoundOn(Vehicle $vehicle): bool
    {
        return $this->scope->hasIt === null || ($this->scope->hasIt)($vehicle);
    }

    public function applyTo(Channel $channel, string $conductor, float $strength): Channel
    {
        return ($this->change)($channel, $conductor, $strength);
    }

    /** What it does outside its channel. */
    public function applyToCar(Vehicle $vehicle, string $channel, float $strength): Vehicle
    {
        return $this->carChange === null ? $vehicle : ($this->carChange)($vehicle, $channel, $strength);
    }
}
