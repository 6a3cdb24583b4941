<?php

declare(strict_types=1);

namespace Lernfall\Lab;

/** A drive on the road of the lab: what is driven, and with what car. */
final readonly class RoadSetting
{
    /**
     * @param  string  $vehicle  a car the application ships
     * @param  float  $loadKilograms  on board besides the driver
     * @param  bool  $controls  the module is switched on
     * @param  ?bool  $rearTogether  rear wheels are controlled together or singly; null as the car's module does
     * @param  string  $defect  a kind of the fault catalogue, or ""
     * @param  string  $wheel  where it sits; of no use to a defect of the car as a whole
     */
    public function __construct(public RoadTask $task, public string $vehicle, public float $loadKilograms, public bool $controls, public ?bool $rearTogether, public string $defect, public string $wheel)
    {
    }

    /** The same drive with a sound car as it comes, its module switched on: what is usual. */
    public function usual(): self
    {
        return new self($this->task, $this->vehicle, 0.0, true, null, '', '');
    }
}
