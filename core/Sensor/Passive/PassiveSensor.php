<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Passive;

use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\CircuitSensor;
use Lernfall\Circuit\Device;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Excitation;
use Lernfall\Circuit\JumperLead;
use Lernfall\Circuit\Netlist;
use Lernfall\Quantity;
use Lernfall\Signal\CopperResistance;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\SensorDefect;
use Lernfall\Vehicle\ToothedRing;

/**
 * A variable-reluctance sensor: a coil on a magnet.
 *
 * The voltage it induces before any load is e(t) = −N · dΦ/dt (Faraday's law). The peak is taken as
 * k · z · n · exp(−g / g₀): proportional to tooth frequency, falling exponentially with the gap. That form is an assumption
 * fitted to usual readings; it stops being true far above road speeds, where the coil's inductance counts, and at gaps
 * near zero.
 */
final readonly class PassiveSensor implements CircuitSensor
{
    /**
     * @param  float  $coilOhmsAt20Celsius  resistance of the copper coil at 20 °C
     * @param  float  $signalVoltSeconds  peak voltage per tooth frequency (V per tooth a second) with no gap at all
     * @param  float  $gapDecayMetres  the gap over which the signal falls to 1/e
     * @param  bool  $coilBroken  the coil is interrupted
     * @param  ?float  $housingLeakOhms  from the middle of the coil to the grounded housing; null where there is none
     */
    public function __construct(
        public float $coilOhmsAt20Celsius,
        public float $signalVoltSeconds,
        public float $gapDecayMetres,
        public bool $coilBroken = false,
        public ?float $housingLeakOhms = null,
        private bool $foreign = false,
        private bool $struck = false,
    ) {
        Quantity::positive(['coilOhmsAt20Celsius' => $this->coilOhmsAt20Celsius, 'gapDecayMetres' => $this->gapDecayMetres]);
        Quantity::notNegative(['signalVoltSeconds' => $this->signalVoltSeconds]);
        Quantity::positive(['housingLeakOhms' => $this->housingLeakOhms ?? INF]);
    }

    public function technology(): string
    {
        return 'passive';
    }

    public function conductors(): int
    {
        return 2;
    }

    public function isActive(): bool
    {
        return false;
    }

    public function wireFunctions(): array
    {
        return ['coil', 'coil'];
    }

    public function isForeign(): bool
    {
        return $this->foreign;
    }

    public function scaled(float $electrical, float $magnetic): self
    {
        return new self(
            $this->coilOhmsAt20Celsius * $electrical,
            $this->signalVoltSeconds * $magnetic,
            $this->gapDecayMetres,
            $this->coilBroken,
            $this->housingLeakOhms,
            $this->foreign,
            $this->struck,
        );
    }

    public function suffering(SensorDefect $defect, float $strength): ?self
    {
        return match ($defect) {
            SensorDefect::CoilOpen, SensorDefect::CableBroken => new self($this->coilOhmsAt20Celsius, $this->signalVoltSeconds, $this->gapDecayMetres, true, $this->housingLeakOhms, $this->foreign, $this->struck),
            // resistance and signal fall by the same share
            SensorDefect::CoilShorted => $this->scaled(1.0 - $strength, 1.0 - $strength),
            SensorDefect::CoilGrounded => new self($this->coilOhmsAt20Celsius, $this->signalVoltSeconds, $this->gapDecayMetres, $this->coilBroken, $strength, $this->foreign, $this->struck),
            SensorDefect::OtherWinding => new self($this->coilOhmsAt20Celsius * $strength, $this->signalVoltSeconds, $this->gapDecayMetres, $this->coilBroken, $this->housingLeakOhms, true, $this->struck),
            SensorDefect::OtherMake => $this->ofOtherMake($strength),
            SensorDefect::OtherDirection => $this->ofOtherMake(1.0)->scaled(1.0, $strength),
            default => null,
        };
    }

    public function fedBackwards(): self
    {
        return $this;
    }

    /** Its winding, which ends right behind the tip, is torn. */
    public function struckByRing(): self
    {
        return new self($this->coilOhmsAt20Celsius, $this->signalVoltSeconds, $this->gapDecayMetres, true, $this->housingLeakOhms, $this->foreign, true);
    }

    public function isStruck(): bool
    {
        return $this->struck;
    }

    public function feels(float $strength, float $offMetres, float $gapMetres): float
    {
        return $strength * exp(-max($offMetres, -$gapMetres) / $this->gapDecayMetres); // nothing comes nearer than touching
    }

    public function follows(float $gapMetres): bool
    {
        return false;
    }

    public function states(): int
    {
        return 1;
    }

    public function stateAtRest(bool $tooth, float $gapMetres): int
    {
        return 0;
    }

    public function keepsState(): bool
    {
        return false;
    }

    public function peakVolts(ToothedRing $ring, float $gapMetres, float $turnsPerSecond): float
    {
        return $this->signalVoltSeconds * $ring->teeth * $turnsPerSecond * exp(-$gapMetres / $this->gapDecayMetres);
    }

    public function pulseSeconds(bool $backward, float $gapMetres): ?float
    {
        return null;
    }

    public function signOfLife(): ?array
    {
        return null;
    }

    public function imitatedBy(): string
    {
        return 'sine';
    }

    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state, int $sensorState): Netlist
    {
        if ($this->coilBroken) {
            return $netlist;
        }
        $ends = ChannelNetlist::sensorNodes($channel);
        $ohms = CopperResistance::at($state->temperatures->ofSensor($channel->id), $this->coilOhmsAt20Celsius);
        $emf = Excitation::emf($channel->id);
        if ($this->housingLeakOhms === null) {
            return $netlist->source($ends[0], $ends[1], 1.0, $ohms, $emf);
        }
        $middle = "$channel->id.coil.middle";

        return $netlist
            ->source($ends[0], $middle, 0.5, $ohms / 2.0, $emf)
            ->source($middle, $ends[1], 0.5, $ohms / 2.0, $emf)
            ->resistor($middle, Netlist::GROUND, $this->housingLeakOhms);
    }

    public function device(Channel $channel, int $sensorState): ?Device
    {
        return null;
    }

    public function isAwakeAt(float $volts): bool
    {
        return true;
    }

    public function needsSupply(): bool
    {
        return false;
    }

    public function addBenchLoad(Netlist $netlist, array $pins, string $supplyPin, string $returnPin, float $loadOhms): Netlist
    {
        return $netlist->resistor($returnPin, $pins[1], JumperLead::OHMS);
    }

    /** A part for another car: fewer windings on the same body. */
    private function ofOtherMake(float $share): self
    {
        return new self($this->coilOhmsAt20Celsius * $share, $this->signalVoltSeconds * $share, $this->gapDecayMetres, $this->coilBroken, $this->housingLeakOhms, true, $this->struck);
    }
}
