<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;

/** Two leads on two pads: what a meter would find there. */
final readonly class Probe
{
    private const TEST = 'test';

    private function __construct(private Netlist $netlist, private string $first, private string $second)
    {
    }

    /**
     * @param  array<array-key, Channel>  $channels  the channels as they really are, by id
     * @param  array<array-key, float>  $peakVolts  induced in each channel's coil, by id
     */
    public static function between(Pad $first, Pad $second, Vehicle $vehicle, array $channels, array $peakVolts, ElectricalState $state): self
    {
        $netlist = ChannelNetlist::addBattery(Netlist::empty(), $vehicle->supply, $state);
        foreach (array_unique([$first->channel, $second->channel]) as $id) {
            if ($id !== '') {
                $netlist = ChannelNetlist::add($netlist, $channels[$id], $vehicle->module->input, $state, $peakVolts[$id] ?? 0.0);
            }
        }

        return new self($netlist, self::node($first), self::node($second));
    }

    /** Standing and alternating voltage (peak) under the meter's own load. */
    public function volts(float $meterOhms): ProbedVolts
    {
        $solution = NodalAnalysis::solve($this->netlist->resistor($this->first, $this->second, $meterOhms));

        return new ProbedVolts(
            $solution->voltsBetween($this->first, $this->second, ChannelNetlist::DC),
            abs($solution->voltsBetween($this->first, $this->second, ChannelNetlist::AC)),
        );
    }

    /** Under a test current of one ampere, which the linear circuit scales to that of any range. */
    public function resistance(): ProbedResistance
    {
        $solution = NodalAnalysis::solve($this->netlist->current($this->second, $this->first, 1.0, self::TEST));

        return new ProbedResistance(
            $solution->voltsBetween($this->first, $this->second, self::TEST),
            $solution->voltsBetween($this->first, $this->second, ChannelNetlist::DC),
        );
    }

    private static function node(Pad $pad): string
    {
        return match (true) {
            $pad->onPlug => ChannelNetlist::padNode($pad->channel, $pad->plugName, $pad->side, $pad->conductor),
            $pad->id === Pads::BODY => Netlist::GROUND,
            default => $pad->id,
        };
    }
}
