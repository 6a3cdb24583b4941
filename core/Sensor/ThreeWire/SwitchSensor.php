<?php

declare(strict_types=1);

namespace Lernfall\Sensor\ThreeWire;

use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\Device;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\JumperLead;
use Lernfall\Circuit\Netlist;
use Lernfall\Quantity;
use Lernfall\Sensor\SwitchingSensor;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\SensorDefect;

/** An active three-wire sensor: supply, ground, and an output that a tooth connects to ground (sinking) or supply (sourcing). */
final readonly class SwitchSensor extends SwitchingSensor
{
    /**
     * @param  float  $consumptionOhms  between supply and ground
     * @param  float  $onOhms  the output while it conducts
     * @param  float  $leastVolts  below this supply the output stays off
     * @param  float  $greatestGapMetres  beyond, it does not switch any more
     * @param  bool  $reverseProtected  it survives what comes the wrong way round
     */
    public function __construct(
        public bool $sinks,
        public float $consumptionOhms,
        public float $onOhms,
        public float $leastVolts,
        public float $greatestGapMetres,
        public Electronics $electronics = Electronics::Sound,
        private bool $foreign = false,
        public bool $reverseProtected = false,
        private bool $struck = false,
    ) {
        Quantity::positive(['leastVolts' => $this->leastVolts]);
        Quantity::resistances(['consumptionOhms' => $this->consumptionOhms, 'onOhms' => $this->onOhms]);
        Quantity::notNegative(['greatestGapMetres' => $this->greatestGapMetres]);
    }

    public function technology(): string
    {
        return $this->sinks ? 'sinking' : 'sourcing';
    }

    public function conductors(): int
    {
        return 3;
    }

    public function wireFunctions(): array
    {
        return ['supply', 'ground', 'signal'];
    }

    public function isForeign(): bool
    {
        return $this->foreign;
    }

    public function struckByRing(): self
    {
        return new self(
            $this->sinks, $this->consumptionOhms, $this->onOhms, $this->leastVolts, $this->greatestGapMetres, Electronics::Dead, $this->foreign, $this->reverseProtected, true,
        );
    }

    public function isStruck(): bool
    {
        return $this->struck;
    }

    public function with(Electronics $electronics): static
    {
        return new self($this->sinks, $this->consumptionOhms, $this->onOhms, $this->leastVolts, $this->greatestGapMetres, $electronics, $this->foreign, $this->reverseProtected, $this->struck);
    }

    public function scaled(float $electrical, float $magnetic): self
    {
        return new self(
            $this->sinks, $this->consumptionOhms * $electrical, $this->onOhms * $electrical, $this->leastVolts,
            $this->greatestGapMetres * $magnetic, $this->electronics, $this->foreign, $this->reverseProtected, $this->struck,
        );
    }

    public function suffering(SensorDefect $defect, float $strength): ?self
    {
        return match ($defect) {
            // it connects its output to the other wire
            SensorDefect::OtherMake => new self(! $this->sinks, $this->consumptionOhms, $this->onOhms, $this->leastVolts, $this->greatestGapMetres, $this->electronics, true, $this->reverseProtected, $this->struck),
            default => $this->left($defect) === null ? null : $this->with($this->left($defect)),
        };
    }

    public function imitatedBy(): string
    {
        return '';
    }

    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state, int $sensorState): Netlist
    {
        $ends = ChannelNetlist::sensorNodes($channel);
        if ($this->electronics === Electronics::Dead) {
            return $netlist;
        }
        if ($this->electronics === Electronics::Shorted) {
            return $netlist->resistor($ends[0], $ends[1], self::SHORT_OHMS);
        }
        $netlist = $netlist->resistor($ends[0], $ends[1], $this->consumptionOhms);

        return $sensorState > 0 ? $netlist->resistor($ends[2], $this->sinks ? $ends[1] : $ends[0], $this->onOhms) : $netlist;
    }

    public function device(Channel $channel, int $sensorState): ?Device
    {
        return null;
    }

    public function isAwakeAt(float $volts): bool
    {
        return $this->electronics !== Electronics::Dead && $this->electronics !== Electronics::Shorted && $volts >= $this->leastVolts;
    }

    public function needsSupply(): bool
    {
        return true;
    }

    public function addBenchLoad(Netlist $netlist, array $pins, string $supplyPin, string $returnPin, float $loadOhms): Netlist
    {
        return $netlist
            ->resistor($returnPin, $pins[1], JumperLead::OHMS)
            ->resistor($pins[2], $this->sinks ? $supplyPin : $returnPin, $loadOhms);
    }

    protected function isReverseProtected(): bool
    {
        return $this->reverseProtected;
    }

    protected function electronics(): Electronics
    {
        return $this->electronics;
    }

    protected function greatestGapMetres(): float
    {
        return $this->greatestGapMetres;
    }
}
