<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Pad;

/** Two leads on two pads: what an instrument finds there. */
final readonly class Probe
{
    private function __construct(private LiveCircuit $circuit, private string $first, private string $second)
    {
    }

    public static function between(Pad $first, Pad $second, LiveCircuit $circuit): self
    {
        return new self($circuit, ChannelNetlist::nodeOf($first), ChannelNetlist::nodeOf($second));
    }

    public function under(float $meterOhms): LoadedProbe
    {
        return new LoadedProbe($this->circuit->withResistor($this->first, $this->second, $meterOhms)->solved(), $this->first, $this->second);
    }

    /** What an ohmmeter finds, whatever its range. */
    public function resistance(): ProbedResistance
    {
        return new ProbedResistance($this->circuit->withTestCurrent($this->first, $this->second)->solved(), $this->first, $this->second);
    }
}
