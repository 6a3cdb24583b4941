<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Circuit\JumperLead;

/** The meter as part of the car's circuit: on current it closes it through its shunt, as long as its leads stay where they are. */
final readonly class ConnectedMeter
{
    /**
     * @param  bool  $fuseBlown  its current input is open until its fuse is renewed
     * @param  ?JumperLead  $inSeries  null where its leads are off, or it measures something that does not close the circuit
     */
    public function __construct(public bool $fuseBlown = false, public ?JumperLead $inSeries = null)
    {
    }

    public function takenOff(): self
    {
        return new self($this->fuseBlown);
    }
}
