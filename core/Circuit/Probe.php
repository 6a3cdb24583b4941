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

    /** Standing voltage under the instrument's own load. */
    public function standingVolts(float $meterOhms): float
    {
        return $this->loaded($meterOhms)->voltsBetween($this->first, $this->second);
    }

    /**
     * Voltage under load for each volt induced somewhere; the sign follows the leads.
     *
     * @param  string  $source  a channel whose passive sensor induces it, or what an injection calls its own
     */
    public function voltsPerEmf(float $meterOhms, string $source): float
    {
        return $this->loaded($meterOhms)->perEmf($source, $this->first, $this->second);
    }

    /** What an ohmmeter finds, whatever its range. */
    public function resistance(): ProbedResistance
    {
        return new ProbedResistance($this->circuit->withTestCurrent($this->first, $this->second)->solved(), $this->first, $this->second);
    }

    private function loaded(float $meterOhms): SolvedCircuit
    {
        return $this->circuit->withResistor($this->first, $this->second, $meterOhms)->solved();
    }
}
