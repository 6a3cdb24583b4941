<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Vehicle\Brakes\VolumeCurve;

/** The fluid while it is moved within one step: every cubic centimetre that leaves a place comes to another one. */
final class StepFlows
{
    /** @var array<string, float> */
    private array $bar;

    /** @var array<string, float> */
    private array $accumulated;

    /** @var array<string, float> */
    private array $displaced;

    /** @var array<string, float> */
    private array $lost;

    public function __construct(BrakeState $state)
    {
        [$this->bar, $this->accumulated, $this->displaced, $this->lost] = [$state->bar, $state->accumulated, $state->displaced, $state->lost];
    }

    public function bar(string $channel): float
    {
        return $this->bar[$channel];
    }

    public function accumulated(string $circuit): float
    {
        return $this->accumulated[$circuit];
    }

    /** From the master cylinder's side to a brake, or back. */
    public function giveFromMaster(string $circuit, string $channel, VolumeCurve $volume, float $bar): void
    {
        if ($bar === $this->bar[$channel]) {
            return;
        }
        $this->displaced[$circuit] += $volume->volume($bar) - $volume->volume($this->bar[$channel]);
        $this->bar[$channel] = $bar;
    }

    /** From a brake into the accumulator. */
    public function giveToAccumulator(string $circuit, string $channel, VolumeCurve $volume, float $cubicCentimetres): void
    {
        $this->accumulated[$circuit] += $cubicCentimetres;
        $this->bar[$channel] = $volume->pressure($volume->volume($this->bar[$channel]) - $cubicCentimetres);
    }

    /** From the accumulator to the master cylinder: the pedal is pushed back by it. */
    public function pumpBack(string $circuit, float $cubicCentimetres): void
    {
        $moved = min($cubicCentimetres, $this->accumulated[$circuit]);
        $this->accumulated[$circuit] -= $moved;
        $this->displaced[$circuit] -= $moved;
    }

    /** From a brake to the outside. */
    public function loseFromBrake(string $circuit, string $channel, VolumeCurve $volume, float $bar): void
    {
        $this->lost[$circuit] += $volume->volume($this->bar[$channel]) - $volume->volume($bar);
        $this->bar[$channel] = $bar;
    }

    public function lose(string $circuit, float $cubicCentimetres): void
    {
        $this->displaced[$circuit] += $cubicCentimetres;
        $this->lost[$circuit] += $cubicCentimetres;
    }

    public function state(): BrakeState
    {
        return new BrakeState($this->bar, $this->accumulated, $this->displaced, $this->lost);
    }
}
