<?php

declare(strict_types=1);

namespace Lernfall\Vehicle\Brakes;

use Lernfall\Quantity;

/** One wheel at the hydraulic unit: its inlet valve with the check valve beside it, its outlet valve, its line and hose, its brake. */
final readonly class WheelLine
{
    /**
     * @param  float  $checkFlow  coefficient of the check valve, through which the brake empties as the pedal is let go, whatever the inlet does
     * @param  float  $hoseFlow  coefficient of line and hose; infinite where nothing narrows them
     * @param  float  $leakFlow  coefficient of what they lose to the outside
     * @param  string  $goesTo  the wheel it is screwed to where that is not its own; ""
     */
    public function __construct(
        public string $circuit,
        public Valve $inlet,
        public Valve $outlet,
        public float $checkFlow,
        public WheelBrake $brake,
        public float $hoseFlow = INF,
        public float $leakFlow = 0.0,
        public string $goesTo = '',
    ) {
        Quantity::notNegative(['checkFlow' => $checkFlow, 'leakFlow' => $leakFlow]);
        Quantity::positive(['hoseFlow' => $hoseFlow]);
    }

    public function withValves(?Valve $inlet = null, ?Valve $outlet = null): self
    {
        return new self($this->circuit, $inlet ?? $this->inlet, $outlet ?? $this->outlet, $this->checkFlow, $this->brake, $this->hoseFlow, $this->leakFlow, $this->goesTo);
    }

    public function withBrake(WheelBrake $brake): self
    {
        return new self($this->circuit, $this->inlet, $this->outlet, $this->checkFlow, $brake, $this->hoseFlow, $this->leakFlow, $this->goesTo);
    }

    /** @param  float  $flow  infinite where nothing narrows it */
    public function withHose(float $flow): self
    {
        return new self($this->circuit, $this->inlet, $this->outlet, $this->checkFlow, $this->brake, $flow, $this->leakFlow, $this->goesTo);
    }

    public function leaking(float $flow): self
    {
        return new self($this->circuit, $this->inlet, $this->outlet, $this->checkFlow, $this->brake, $this->hoseFlow, $flow, $this->goesTo);
    }

    /** The same valves with what another line of the unit leads to. */
    public function screwedTo(string $wheel, self $other): self
    {
        return new self($this->circuit, $this->inlet, $this->outlet, $this->checkFlow, $other->brake, $other->hoseFlow, $other->leakFlow, $wheel);
    }

    /** From the master cylinder's side into the brake. */
    public function filling(bool $inletWantedOpen): float
    {
        return $this->throughHose($this->inlet->opening($inletWantedOpen));
    }

    /** From the brake back to the master cylinder's side. */
    public function emptying(bool $inletWantedOpen): float
    {
        return $this->throughHose($this->inlet->opening($inletWantedOpen) + $this->checkFlow);
    }

    /** From the brake into the accumulator. */
    public function reducing(bool $outletWantedOpen): float
    {
        return $this->throughHose($this->outlet->opening($outletWantedOpen));
    }

    /** Openings one behind the other: their pressure drops add up. */
    private function throughHose(float $flow): float
    {
        return $flow === 0.0 || is_infinite($this->hoseFlow) ? $flow : 1.0 / sqrt(1.0 / $flow ** 2 + 1.0 / $this->hoseFlow ** 2);
    }
}
