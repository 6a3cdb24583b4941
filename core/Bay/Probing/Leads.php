<?php

declare(strict_types=1);

namespace Lernfall\Bay\Probing;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;

/** The meter's leads where they are, and how the wheels there have come to rest. */
final readonly class Leads
{
    /**
     * @param  array<string, bool>  $teeth  by active channel at rest: whether a tooth is in front of its sensor
     * @param  Meanwhile  $meanwhile  what the terminal has the hydraulic unit do
     * @param  ?float  $fromSeconds  when a reading begins that follows a slow wave; null where the display stands still
     */
    public function __construct(public Pad $first, public Pad $second, public array $teeth, public ?float $fromSeconds = null, public Meanwhile $meanwhile = new Meanwhile)
    {
    }

    public function readingFrom(float $seconds): self
    {
        return new self($this->first, $this->second, $this->teeth, $seconds, $this->meanwhile);
    }

    /** Whether they touch the hydraulic unit and what feeds it only. */
    public function areAtUnit(): bool
    {
        $there = array_filter([$this->first, $this->second], static fn (Pad $pad): bool => $pad->isUnit() || $pad->isBattery() || $pad->id === Pads::BODY);

        return count($there) === 2 && ($this->first->isUnit() || $this->second->isUnit());
    }

    /** Whether they touch pins of the path and the body only, so that nothing else of the car comes in. */
    public function areOnPlugs(): bool
    {
        return ($this->first->onPlug || $this->first->id === Pads::BODY) && ($this->second->onPlug || $this->second->id === Pads::BODY);
    }
}
