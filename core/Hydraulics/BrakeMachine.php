<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Vehicle\Brakes\BrakeCircuit;
use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\WheelLine;

/**
 * The hydraulic machine: what a pressure at the master cylinder, valves and pumps do to the brakes of the wheels.
 *
 * It goes in steps. In each, what goes in through the inlet and what goes out through the outlet are taken one after the other, the first
 * in two halves around the second (Strang's splitting), so that halving a step quarters its error.
 */
final readonly class BrakeMachine
{
    /** Chosen so that no pressure is off by more than half a percent against steps a hundredth as long; `BrakeMachineTest` holds it. */
    public const STEP_SECONDS = 0.005;

    /** @var array<string, array<string, WheelLine>> by circuit and channel */
    private array $lines;

    public function __construct(private HydraulicUnit $unit, private float $stepSeconds = self::STEP_SECONDS)
    {
        $lines = array_fill_keys(array_keys($unit->circuits), []);
        foreach ($unit->wheels as $channel => $line) {
            $lines[$line->circuit][$channel] = $line;
        }
        $this->lines = $lines;
    }

    /** @param  float  $masterBar  at the master cylinder, as long as it lasts */
    public function after(BrakeState $state, float $masterBar, Moved $moved, float $seconds): BrakeState
    {
        $steps = max(1, (int) ceil($seconds / $this->stepSeconds - 1e-9));
        if ($steps === 1) {
            return $this->step($state, $masterBar, $moved, $seconds);
        }
        for ($step = 0; $step < $steps; $step++) {
            $before = $state;
            $state = $this->step($before, $masterBar, $moved, $seconds / $steps);
            if ($state == $before) {
                break; // what a step leaves as it was, the next one leaves as well
            }
        }

        return $state;
    }

    private function step(BrakeState $state, float $masterBar, Moved $moved, float $seconds): BrakeState
    {
        $flows = new StepFlows($state);
        foreach ($this->unit->circuits as $name => $circuit) {
            $lines = $this->lines[$name];
            $supply = new Supply($circuit, $masterBar, in_array($name, $moved->isolationsShut, true), in_array($name, $moved->primingsOpen, true), in_array($name, $moved->pumpsTurning, true));
            $this->fill($flows, $name, $lines, $supply, $masterBar, $moved, $seconds / 2.0);
            $this->reduce($flows, $name, $circuit, $lines, $moved, $seconds);
            $flows->pumpBack($name, $supply->returned($flows->accumulated($name)) * $seconds);
            $this->fill($flows, $name, $lines, $supply, $masterBar, $moved, $seconds / 2.0);
            if ($circuit->leakFlow > 0.0) {
                $flows->lose($name, $circuit->leakFlow * sqrt($masterBar) * $seconds);
            }
            foreach ($lines as $channel => $line) {
                if ($line->leakFlow > 0.0) {
                    $flows->loseFromBrake($name, $channel, $line->brake->volume, Orifice::after($line->brake->volume, $flows->bar($channel), 0.0, $line->leakFlow, $seconds));
                }
            }
        }

        return $flows->state();
    }

    /** @param  array<string, WheelLine>  $lines */
    private function fill(StepFlows $flows, string $name, array $lines, Supply $supply, float $masterBar, Moved $moved, float $seconds): void
    {
        if ($supply->buildsUp) {
            $this->buildUp($flows, $name, $lines, $supply, $moved, $seconds);

            return;
        }
        foreach ($lines as $channel => $line) {
            $bar = $flows->bar($channel);
            $wantedOpen = ! in_array($channel, $moved->inletsShut, true);
            $flow = match (true) {
                $masterBar > $bar => $line->filling($wantedOpen),
                $supply->isCutOff => 0.0,
                default => $line->emptying($wantedOpen),
            };
            $flows->giveFromMaster($name, $channel, $line->brake->volume, Orifice::after($line->brake->volume, $bar, $masterBar, $flow, $seconds));
        }
    }

    /**
     * Where the pressure between pump and inlets stays, it presses; else the pump gives what it gives, shared as it stands in the middle of the step.
     *
     * @param  array<string, WheelLine>  $lines
     */
    private function buildUp(StepFlows $flows, string $name, array $lines, Supply $supply, Moved $moved, float $seconds): void
    {
        $bars = array_intersect_key($flows->state()->bar, $lines);
        $lineBar = $supply->builtUpBar($lines, $bars, $moved);
        if ($supply->isHeld($lineBar)) {
            $after = [];
            foreach ($lines as $channel => $line) {
                $wantedOpen = ! in_array($channel, $moved->inletsShut, true);
                $flow = $lineBar > $bars[$channel] ? $line->filling($wantedOpen) : $line->emptying($wantedOpen);
                $after[$channel] = Orifice::after($line->brake->volume, $bars[$channel], $lineBar, $flow, $seconds);
            }
        } else {
            $middle = $this->pumpedTo($lineBar, $lines, $supply, $moved, $bars, $bars, $seconds / 2.0);
            $after = $this->pumpedTo($supply->builtUpBar($lines, $middle, $moved), $lines, $supply, $moved, $bars, $middle, $seconds);
        }
        foreach ($lines as $channel => $line) {
            $flows->giveFromMaster($name, $channel, $line->brake->volume, $after[$channel]);
        }
    }

    /**
     * @param  float  $lineBar  between pump and inlets, by the pressures below
     * @param  array<string, WheelLine>  $lines
     * @param  array<string, float>  $from  pressures at the beginning
     * @param  array<string, float>  $at  pressures by which the pump's flow is shared
     * @return array<string, float> pressures after so many seconds
     */
    private function pumpedTo(float $lineBar, array $lines, Supply $supply, Moved $moved, array $from, array $at, float $seconds): array
    {
        $after = [];
        foreach ($lines as $channel => $line) {
            $volume = $line->brake->volume;
            $flow = $supply->intoBrake($line, $lineBar - $at[$channel], ! in_array($channel, $moved->inletsShut, true));
            $after[$channel] = $volume->pressure($volume->volume($from[$channel]) + $flow * $seconds);
        }

        return $after;
    }

    /**
     * Against the pressure the accumulator has in the middle of the step. Where there is no room any more for all that would flow, each brake gives
     * its share of what there is.
     *
     * @param  array<string, WheelLine>  $lines
     */
    private function reduce(StepFlows $flows, string $name, BrakeCircuit $circuit, array $lines, Moved $moved, float $seconds): void
    {
        $accumulated = $flows->accumulated($name);
        $given = $this->wouldFlow($flows, $lines, $moved, $circuit->accumulatorBar($accumulated), $seconds);
        if ($given === []) {
            return;
        }
        $middle = min($circuit->accumulatorCubicCentimetres, $accumulated + array_sum($given) / 2.0);
        $given = $this->wouldFlow($flows, $lines, $moved, $circuit->accumulatorBar($middle), $seconds);
        $all = array_sum($given);
        $share = $all > 0.0 ? min(1.0, ($circuit->accumulatorCubicCentimetres - $accumulated) / $all) : 0.0;
        foreach ($given as $channel => $cubicCentimetres) {
            $flows->giveToAccumulator($name, $channel, $lines[$channel]->brake->volume, $cubicCentimetres * $share);
        }
    }

    /**
     * @param  array<string, WheelLine>  $lines
     * @return array<string, float> cubic centimetres out of each brake, towards this pressure
     */
    private function wouldFlow(StepFlows $flows, array $lines, Moved $moved, float $towards, float $seconds): array
    {
        $given = [];
        foreach ($lines as $channel => $line) {
            $bar = $flows->bar($channel);
            $flow = $line->reducing(in_array($channel, $moved->outletsOpen, true));
            if ($bar > $towards && $flow > 0.0) {
                $volume = $line->brake->volume;
                $given[$channel] = $volume->volume($bar) - $volume->volume(Orifice::after($volume, $bar, $towards, $flow, $seconds));
            }
        }

        return $given;
    }
}
