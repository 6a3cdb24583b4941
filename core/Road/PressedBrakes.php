<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Hydraulics\BrakeMachine;
use Lernfall\Hydraulics\BrakeState;
use Lernfall\Hydraulics\Moved;
use Lernfall\Module\Control\ControlWish;
use Lernfall\Module\Control\TractionWish;
use Lernfall\Vehicle\Brakes\BrakeUnit;

/** The brakes of a car that is driven, tick by tick: foot, fluid, and what moves at the unit as the module wishes. */
final class PressedBrakes
{
    private readonly BrakeMachine $machine;

    private readonly WheelLines $lines;

    private readonly float $mostDisplaced;

    /** @var array{float, ?Moved, float} pressure, what had moved, and seconds after which the fluid was where it had been */
    private array $still = [0.0, null, 0.0];

    /** @param  list<string>  $wheels  front left, front right, rear left, rear right, as the hydraulic unit names them */
    public function __construct(private readonly BrakeUnit $unit, array $wheels, private readonly UnitMoves $moves, private BrakeState $fluid)
    {
        $this->machine = new BrakeMachine($unit->hydraulics);
        $this->lines = new WheelLines($unit->hydraulics, $wheels);
        $master = $unit->master;
        $this->mostDisplaced = $master->pedalCentimetres * $master->boreSquareCentimetres / $master->pedalRatio;
    }

    /**
     * A foot on the pedal.
     *
     * @return bool some pump turns
     */
    public function press(ControlWish $wish, float $newtons, float $seconds): bool
    {
        $bar = $this->stoppedBar($this->unit->master->bar($newtons));
        $moved = $this->moves->by($wish->first, $wish->pump);
        if ($wish->isOne()) {
            $this->flow($bar, $moved, $seconds);

            return $moved->pumpsTurning !== [];
        }
        $this->flow($bar, $moved, $seconds / 2.0);
        $this->flow($bar, $this->moves->by($wish->second, $wish->pump), $seconds / 2.0);

        return $moved->pumpsTurning !== [];
    }

    /**
     * Nobody's foot: only what the module brakes by itself.
     *
     * @return bool some pump turns
     */
    public function brakeAlone(TractionWish $wish, float $seconds): bool
    {
        $moved = $wish->braked === [] ? $this->moves->by($wish->wheels, false) : $this->moves->braking($wish->wheels, $wish->braked, $wish->builds);
        $this->flow(0.0, $moved, $seconds);

        return $moved->pumpsTurning !== [];
    }

    /**
     * @param  list<RollingWheel>  $wheels  as they have turned
     * @return list<float> N·m of each brake
     */
    public function torques(array $wheels): array
    {
        return $this->lines->torques($this->fluid, $wheels);
    }

    /** By how much their force swings with the turns of uneven discs, as a share of it. */
    public function swingShare(): float
    {
        return $this->lines->swingShare($this->fluid);
    }

    /** @return list<float> by wheel */
    public function bars(): array
    {
        return $this->lines->bars($this->fluid);
    }

    /** Cubic centimetres in all accumulators. */
    public function accumulated(): float
    {
        return array_sum($this->fluid->accumulated);
    }

    /** How far the pedal has gone down. */
    public function pedalCentimetres(): float
    {
        return $this->unit->master->pedalTravelCentimetres(array_sum($this->fluid->displaced));
    }

    /**
     * Once the car stands the module has the pumps run until the accumulators are empty, if they can.
     *
     * @param  bool  $controls  the module does anything about slip
     * @return array<string, float> cubic centimetres in the accumulators, by circuit
     */
    public function left(bool $controls): array
    {
        $turning = $this->moves->by(ControlWish::none(0.0)->first, true)->pumpsTurning;
        $left = [];
        foreach ($this->fluid->accumulated as $name => $cubicCentimetres) {
            $isEmptied = $controls && in_array($name, $turning, true) && $this->unit->hydraulics->circuits[$name]->pumpCubicCentimetresPerSecond > 0.0;
            $left[$name] = $isEmptied ? 0.0 : $cubicCentimetres;
        }

        return $left;
    }

    /** What has left the fluid where it was does so again, as long as nothing else moves. */
    private function flow(float $bar, Moved $moved, float $seconds): void
    {
        if ($this->still === [$bar, $moved, $seconds]) {
            return;
        }
        $after = $this->machine->after($this->fluid, $bar, $moved, $seconds);
        if ($after == $this->fluid) {
            $this->still = [$bar, $moved, $seconds];

            return;
        }
        $this->still[1] = null;
        $this->fluid = $after;
    }

    /** With the pedal down to its stop a foot presses no more. */
    private function stoppedBar(float $wantedBar): float
    {
        $over = array_sum($this->fluid->displaced) - $this->mostDisplaced;
        if ($over <= 0.0) {
            return $wantedBar;
        }

        return max(0.0, min($wantedBar, max([0.0, ...array_values($this->fluid->bar)]) - $over / $this->lines->capacity($this->fluid)));
    }
}
