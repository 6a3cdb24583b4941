<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What the module has for a channel. */
final readonly class ModuleEnd
{
    /** @param  ?int  $reckonedTeeth  what it divides by to get from teeth to turns; null for those of the ring */
    public function __construct(public InputStage $input, public Port $port = Port::Sound, public ?int $reckonedTeeth = null)
    {
        Quantity::positive(['teeth' => $this->reckonedTeeth ?? 1]);
    }

    public function withInput(InputStage $input): self
    {
        return new self($input, $this->port, $this->reckonedTeeth);
    }

    public function withPort(Port $port): self
    {
        return new self($this->input, $port, $this->reckonedTeeth);
    }
}
