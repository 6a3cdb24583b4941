<?php

declare(strict_types=1);

namespace Lernfall\Sensor\PulseWidth;

use Lernfall\Circuit\Device;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Netlist;
use Lernfall\Sensor\Current\CurrentSensor;
use Lernfall\Sensor\SwitchingSensor;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\SensorDefect;

/** An active two-wire sensor that sends a pulse of current for every tooth, and says more in its length. */
final readonly class PulseWidthSensor extends SwitchingSensor
{
    public function __construct(public CurrentSensor $output, public Pulses $pulses)
    {
    }

    public function technology(): string
    {
        return 'pulse-width';
    }

    public function conductors(): int
    {
        return $this->output->conductors();
    }

    public function wireFunctions(): array
    {
        return $this->output->wireFunctions();
    }

    public function isForeign(): bool
    {
        return $this->output->isForeign();
    }

    public function struckByRing(): self
    {
        return new self($this->output->struckByRing(), $this->pulses);
    }

    public function isStruck(): bool
    {
        return $this->output->isStruck();
    }

    public function with(Electronics $electronics): static
    {
        return new self($this->output->with($electronics), $this->pulses);
    }

    public function scaled(float $electrical, float $magnetic): self
    {
        return new self($this->output->scaled($electrical, $magnetic), $this->pulses);
    }

    public function suffering(SensorDefect $defect, float $strength): ?self
    {
        $output = $this->output->suffering($defect, $strength);

        return $output === null ? null : new self($output, $this->pulses);
    }

    /** Pulses come and go, and leave it at its lower current. */
    public function keepsState(): bool
    {
        return false;
    }

    public function pulseSeconds(bool $backward, float $gapMetres): float
    {
        return $this->pulses->seconds($backward, $gapMetres / $this->output->greatestGapMetres);
    }

    public function signOfLife(): ?array
    {
        return $this->electronics() === Electronics::Sound ? [$this->pulses->standstillSeconds, $this->pulses->standstillEverySeconds] : null;
    }

    public function imitatedBy(): string
    {
        return $this->output->imitatedBy();
    }

    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state, int $sensorState): Netlist
    {
        return $this->output->addTo($netlist, $channel, $state, $sensorState);
    }

    public function device(Channel $channel, int $sensorState): Device
    {
        return $this->output->device($channel, $sensorState);
    }

    public function isAwakeAt(float $volts): bool
    {
        return $this->output->isAwakeAt($volts);
    }

    public function needsSupply(): bool
    {
        return $this->output->needsSupply();
    }

    public function addBenchLoad(Netlist $netlist, array $pins, string $supplyPin, string $returnPin, float $loadOhms): Netlist
    {
        return $this->output->addBenchLoad($netlist, $pins, $supplyPin, $returnPin, $loadOhms);
    }

    protected function isReverseProtected(): bool
    {
        return $this->output->reverseProtected;
    }

    protected function electronics(): Electronics
    {
        return $this->output->electronics;
    }

    protected function greatestGapMetres(): float
    {
        return $this->output->greatestGapMetres;
    }
}
