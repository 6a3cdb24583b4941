<?php

declare(strict_types=1);

namespace Lernfall\Circuit;

use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;

/** Two leads on two pads: what an instrument finds there. */
final readonly class Probe
{
    private function __construct(private LiveCircuit $circuit, private string $first, private string $second)
    {
    }

    /**
     * @param  array<array-key, Channel>  $channels  the channels as they really are, by id
     * @param  array<array-key, bool>  $teeth  by channel: whether a tooth is in front of its sensor
     */
    public static function between(Pad $first, Pad $second, Vehicle $vehicle, array $channels, array $teeth, ElectricalState $state): self
    {
        $circuit = LiveCircuit::ofNothing()->withBattery($vehicle->supply, $state);
        foreach (array_unique([$first->channel, $second->channel]) as $id) {
            if ($id !== '') {
                $circuit = $circuit->withChannel($channels[$id], $state, ($teeth[$id] ?? false) && Awake::is($channels[$id], $state));
            }
        }

        return new self($circuit, self::node($first), self::node($second));
    }

    /** Standing voltage under the instrument's own load. */
    public function standingVolts(float $meterOhms): float
    {
        return $this->loaded($meterOhms)->voltsBetween($this->first, $this->second);
    }

    /** Voltage under load for each volt induced in the coil of a channel; the sign follows the leads. */
    public function voltsPerEmf(float $meterOhms, string $channelId): float
    {
        return $this->loaded($meterOhms)->perEmf($channelId, $this->first, $this->second);
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

    private static function node(Pad $pad): string
    {
        return match (true) {
            $pad->onPlug => ChannelNetlist::padNode($pad->channel, $pad->plugName, $pad->side, $pad->conductor),
            $pad->id === Pads::BODY => Netlist::GROUND,
            default => $pad->id,
        };
    }
}
