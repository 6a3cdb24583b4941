<?php

declare(strict_types=1);

namespace Lernfall\Fault;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** A kind of fault at a place, with its strength: it turns one vehicle into another. */
final readonly class Fault
{
    public function __construct(
        public FaultKind $kind,
        public string $channel,
        public string $conductor,
        public float $strength,
        public ?Provocation $provokedBy = null,
    ) {
    }

    public function applyTo(Vehicle $vehicle): Vehicle
    {
        $vehicle = $this->kind->applyToCar($vehicle, $this->channel, $this->strength);
        if ($this->kind->scope->wholeCar) {
            return $vehicle;
        }
        $channel = $vehicle->channel($this->channel);
        $change = fn (Channel $state): Channel => $this->kind->applyTo($state, $this->conductor, $this->strength);

        return $vehicle->withChannel($this->provokedBy === null
            ? $channel->inEveryState($change)
            : $channel->actingAs($change($channel->acting->channel ?? $channel), $this->provokedBy));
    }

    /** Names the fault among all of a vehicle's. */
    public function key(): string
    {
        return implode(':', [$this->kind->id, $this->channel, $this->conductor, $this->strength, $this->provokedBy->value ?? 'always']);
    }
}
