<?php

declare(strict_types=1);

namespace Lernfall\Bay;

use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** A car with something wrong, and what the customer says about it. */
final readonly class FaultCase
{
    /**
     * @param  string  $name  the instructor's name for it; may give the fault away
     * @param  string  $jobTitle  what the apprentice sees instead
     * @param  non-empty-list<Fault>  $faults
     * @param  bool  $averagingMeter  the meter's alternating volts are the scaled mean, not true RMS
     */
    public function __construct(
        public string $name,
        public string $jobTitle,
        public string $complaint,
        public Vehicle $sound,
        public array $faults,
        public bool $averagingMeter = false,
    ) {
    }

    /** The same case with one of its faults only. */
    public function withOnly(Fault $fault): self
    {
        return new self($this->name, $this->jobTitle, $this->complaint, $this->sound, [$fault], $this->averagingMeter);
    }

    /** The one car that comes into the bay; the seed fixes its deviations. */
    public function car(string $seed): Car
    {
        return Arrival::of(Car::true($this->faultyVehicle(), $this->sound, $seed));
    }

    public function faultyVehicle(): Vehicle
    {
        $vehicle = $this->sound;
        foreach ($this->faults as $fault) {
            $vehicle = $fault->applyTo($vehicle);
        }

        return $vehicle;
    }

    /** Whether every part is as it should be, and only the memory or the complaint says otherwise. */
    public function needsNoRepair(): bool
    {
        return $this->faultyVehicle()->withLeftCodes([]) == $this->sound;
    }
}
