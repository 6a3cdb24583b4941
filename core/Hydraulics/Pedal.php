<?php

declare(strict_types=1);

namespace Lernfall\Hydraulics;

use Lernfall\Vehicle\Brakes\HydraulicUnit;
use Lernfall\Vehicle\Brakes\MasterCylinder;

/** The pedal pressed by a foot while the car stands: lightly, firmly, and then held. */
final readonly class Pedal
{
    private const PRESS_SECONDS = 1.0;

    /** Of somebody who pumps quickly: strokes, and how long the pedal is down and up. */
    private const STROKES = 4;

    private const DOWN_SECONDS = 0.3;

    private const UP_SECONDS = 0.1;

    public function __construct(private MasterCylinder $master, private HydraulicUnit $unit)
    {
    }

    /**
     * What is left in the brakes by pumping: whenever the pedal comes up, the master cylinder fills again from its reservoir, before the brakes have emptied.
     */
    public function pumped(float $footNewtons, BrakeState $from): BrakeState
    {
        $state = $from;
        for ($stroke = 0; $stroke < self::STROKES; $stroke++) {
            $up = $this->after($this->after($state, $footNewtons, self::DOWN_SECONDS), 0.0, self::UP_SECONDS);
            $state = new BrakeState($up->bar, $up->accumulated, array_map(static fn (): float => 0.0, $up->displaced), $up->lost);
        }

        return $state;
    }

    public function pressed(float $lightNewtons, float $firmNewtons, float $holdSeconds, ?BrakeState $from = null): PedalTravel
    {
        $light = $this->after($from ?? BrakeState::atRest($this->unit), $lightNewtons, self::PRESS_SECONDS);
        $firm = $this->after($light, $firmNewtons, self::PRESS_SECONDS);

        $held = $this->after($firm, $firmNewtons, $holdSeconds);

        return new PedalTravel($this->travel($light), $this->travel($firm), $this->travel($held), $held->accumulated);
    }

    /** Worn seals let fluid past the pistons as long as they press: the pedal goes down by it, and nothing is lost to the outside. */
    private function after(BrakeState $state, float $footNewtons, float $seconds): BrakeState
    {
        $bar = $this->master->bar($footNewtons);
        $after = (new BrakeMachine($this->unit))->after($state, $bar, Moved::nothing(), $seconds);
        $past = $this->master->bypassFlow * sqrt($bar) * $seconds;

        return new BrakeState($after->bar, $after->accumulated, array_map(static fn (float $one): float => $one + $past, $after->displaced), $after->lost);
    }

    private function travel(BrakeState $state): float
    {
        return $this->master->pedalTravelCentimetres(array_sum($state->displaced));
    }
}
