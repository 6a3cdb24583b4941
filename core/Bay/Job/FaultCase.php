<?php

declare(strict_types=1);

namespace Lernfall\Bay\Job;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Meter\Meter;
use Lernfall\Fault\Fault;
use Lernfall\Vehicle\Vehicle;

/** A car with something wrong, and what the customer says about it. */
final readonly class FaultCase
{
    /**
     * @param  string  $name  the instructor's name for it; may give the fault away
     * @param  string  $jobTitle  what the apprentice sees instead
     * @param  list<Fault>  $faults  none for a car with nothing wrong
     * @param  bool  $averagingMeter  the meter's alternating volts are the scaled mean, not true RMS
     * @param  list<string>  $withheld  tools that are not in the bay
     * @param  list<string>  $madeElsewhere  kinds of repair that are not made in this workshop
     */
    public function __construct(
        public string $name,
        public string $jobTitle,
        public string $complaint,
        public Vehicle $sound,
        public array $faults,
        public bool $averagingMeter = false,
        public array $withheld = [],
        public array $madeElsewhere = [],
    ) {
    }

    /** The same case with one of its faults only. */
    public function withOnly(Fault $fault): self
    {
        return $this->having([$fault]);
    }

    /**
     * The same case with something else wrong.
     *
     * @param  list<Fault>  $faults
     */
    public function having(array $faults): self
    {
        return new self($this->name, $this->jobTitle, $this->complaint, $this->sound, $faults, $this->averagingMeter, $this->withheld, $this->madeElsewhere);
    }

    /** The same case with a tool in the bay that it withholds. */
    public function withTool(string $tool): self
    {
        $withheld = array_values(array_filter($this->withheld, static fn (string $one): bool => $one !== $tool));

        return new self($this->name, $this->jobTitle, $this->complaint, $this->sound, $this->faults, $this->averagingMeter, $withheld, $this->madeElsewhere);
    }

    /** The simulator as this case sets it: its kind of meter, and without what it withholds. */
    public function equips(Simulator $simulator): Simulator
    {
        $meter = $simulator->workshop->equipment(Meter::class);
        $workshop = $simulator->workshop->withholding([...$this->withheld, ...$this->madeElsewhere]);

        return $simulator->in($meter->averages === $this->averagingMeter ? $workshop : $workshop->exchanging($meter->averaging($this->averagingMeter)));
    }

    /** The one car that comes into the bay; the seed fixes its deviations. */
    public function car(string $seed): Car
    {
        return CustomerHistory::of(Car::true($this->faultyVehicle(), $this->sound, $seed));
    }

    /** The same without any deviation; the seed still fixes what is left to chance. */
    public function idealCar(string $seed): Car
    {
        return CustomerHistory::of(Car::ideal($this->faultyVehicle(), $this->sound, $seed));
    }

    public function faultyVehicle(): Vehicle
    {
        $vehicle = $this->sound;
        foreach ($this->faults as $fault) {
            $vehicle = $fault->applyTo($vehicle);
        }

        return $vehicle;
    }

    /** The vehicle as it comes in: what its faults have done to other parts on the way is done. */
    public function arrivedVehicle(): Vehicle
    {
        return $this->idealCar('arrival')->vehicle;
    }

    /** Whether every part is as it should be, and only the memory or the complaint says otherwise. */
    public function needsNoRepair(): bool
    {
        return $this->faultyVehicle()->withLeftCodes([]) == $this->sound;
    }
}
