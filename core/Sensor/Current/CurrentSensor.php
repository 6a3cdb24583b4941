<?php

declare(strict_types=1);

namespace Lernfall\Sensor\Current;

use Lernfall\Circuit\ChannelNetlist;
use Lernfall\Circuit\CurrentLaw;
use Lernfall\Circuit\Device;
use Lernfall\Circuit\ElectricalState;
use Lernfall\Circuit\Netlist;
use Lernfall\Quantity;
use Lernfall\Sensor\SwitchingSensor;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\SensorDefect;

/**
 * An active two-wire sensor with current output: a small or a larger current, whichever the tooth in front says.
 *
 * Below its waking voltage it draws next to nothing, then a current that rises evenly to its level, then that level.
 * Fed backwards it conducts through its protection. (The shape is recalled from memory and kept configurable.)
 */
final readonly class CurrentSensor extends SwitchingSensor
{
    /**
     * @param  float  $leakOhms  what an ohmmeter finds the right way round
     * @param  float  $backwardsVolts  from here it conducts backwards, through $backwardsOhms
     * @param  float  $greatestGapMetres  beyond, it does not switch any more
     * @param  bool  $reverseProtected  it blocks what comes the wrong way round, and survives it
     */
    public function __construct(
        public CurrentLevels $levels,
        public float $leakOhms,
        public float $backwardsVolts,
        public float $backwardsOhms,
        public float $greatestGapMetres,
        public Electronics $electronics = Electronics::Sound,
        private bool $foreign = false,
        public bool $reverseProtected = false,
        private bool $struck = false,
    ) {
        Quantity::positive(['backwardsVolts' => $this->backwardsVolts]);
        Quantity::resistances(['leakOhms' => $this->leakOhms, 'backwardsOhms' => $this->backwardsOhms]);
        Quantity::notNegative(['greatestGapMetres' => $this->greatestGapMetres]);
    }

    public function technology(): string
    {
        return 'current';
    }

    public function conductors(): int
    {
        return 2;
    }

    public function wireFunctions(): array
    {
        return ['supply', 'return'];
    }

    public function isForeign(): bool
    {
        return $this->foreign;
    }

    public function struckByRing(): self
    {
        return $this->changed(1.0, 1.0, 1.0, Electronics::Dead, $this->foreign, struck: true);
    }

    public function isStruck(): bool
    {
        return $this->struck;
    }

    public function with(Electronics $electronics): static
    {
        return $this->changed(1.0, 1.0, 1.0, $electronics, $this->foreign);
    }

    public function scaled(float $electrical, float $magnetic): self
    {
        return $this->changed($electrical, $electrical, $magnetic, $this->electronics, $this->foreign);
    }

    public function suffering(SensorDefect $defect, float $strength): ?self
    {
        return match ($defect) {
            // it takes this share of the currents the module reckons with
            SensorDefect::OtherMake => $this->changed($strength, 1.0, 1.0, $this->electronics, true),
            SensorDefect::OtherDirection => $this->changed(1.0, 1.0, $strength, $this->electronics, true),
            default => $this->left($defect) === null ? null : $this->with($this->left($defect)),
        };
    }

    public function imitatedBy(): string
    {
        return 'current';
    }

    public function addTo(Netlist $netlist, Channel $channel, ElectricalState $state, int $sensorState): Netlist
    {
        $ends = ChannelNetlist::sensorNodes($channel);

        return $netlist->resistor($ends[0], $ends[1], $this->electronics === Electronics::Shorted ? self::SHORT_OHMS : $this->leakOhms);
    }

    public function device(Channel $channel, int $sensorState): Device
    {
        $ends = ChannelNetlist::sensorNodes($channel);

        return new Device("device.$channel->id", $ends[0], $ends[1], $this->law($sensorState));
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
        return $netlist->resistor($returnPin, $pins[1], $loadOhms);
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

    private function law(int $sensorState): CurrentLaw
    {
        $level = match ($this->electronics) {
            Electronics::Dead, Electronics::Shorted => null,
            Electronics::StuckLow => $this->levels->lowAmperes,
            Electronics::StuckHigh => $this->levels->highAmperes,
            Electronics::Sound => $sensorState > 0 ? $this->levels->highAmperes : $this->levels->lowAmperes,
        };

        return $level === null ? CurrentLaw::none() : new CurrentLaw(
            $level, $this->levels->wakesAtVolts, $this->levels->fullAtVolts, $this->reverseProtected ? INF : $this->backwardsVolts, $this->backwardsOhms,
        );
    }

    private function changed(float $current, float $leak, float $gap, Electronics $electronics, bool $foreign, bool $struck = false): self
    {
        return new self(
            $this->levels->times($current), $this->leakOhms / $leak, $this->backwardsVolts, $this->backwardsOhms, $this->greatestGapMetres * $gap, $electronics, $foreign, $this->reverseProtected, $this->struck || $struck,
        );
    }
}
