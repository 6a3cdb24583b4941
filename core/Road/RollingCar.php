<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Motion\Chassis;

/**
 * A car on its four wheels as it rolls: what torques at the wheels do to it on a road. It knows neither brakes nor faults, and it drives straight ahead.
 *
 * Slip follows a wheel's speed over a length of road (relaxation, first order). In each step, tyre force and slip are taken as they change with the
 * wheel's speed to be found, so that one division, or two equations for the wheels of a driven axle, gives that speed; it stays true where wheels are stiff, and a
 * wheel that would turn backwards stands. The force on a wheel is the force on the car. In a bend the tyres hold the car sideways with a part of their grip, and along the road with what
 * the circle of friction leaves (√(1 − share²), school physics); the load moves to the wheels outside.
 */
final class RollingCar
{
    public const GRAVITY = 9.81;

    /** Of road until slip has followed; published values for car tyres lie between 0.05 and 0.3 m, longer ones would let a wheel swing by itself. */
    private const RELAXATION_METRES = 0.08;

    /** Front left, front right, rear left, rear right. */
    private const WHEELS = 4;

    /** Radius that it is not steered tighter than. */
    private const TIGHTEST_METRES = 12.0;

    /** Of what its tyres could hold sideways, at most. */
    private const SIDEWAYS_SHARE = 0.3;

    public float $metresPerSecond;

    /** Of the front axle, from where it began. */
    public float $metres = 0.0;

    /** @var array<int, float> radians a second, by wheel */
    public array $turning;

    /** @var array<int, float> radians turned since it began, by wheel */
    public array $turned = [0.0, 0.0, 0.0, 0.0];

    /** @var array<int, float> braking above zero, driving below, by wheel */
    public array $slips = [0.0, 0.0, 0.0, 0.0];

    /** @var array<int, float> newtons against the drive, by wheel, in the last step */
    public array $forces = [0.0, 0.0, 0.0, 0.0];

    /** @var list<float> newtons on the road, by wheel, in the last step */
    public array $loads;

    /** Of the front axle under the deceleration the springs have followed to, in m/s². */
    private float $pitchDeceleration = 0.0;

    /** Of its tyres' grip, what is left along the road. */
    private float $gripShare = 1.0;

    private float $sidewaysMetresPerSecondSquared = 0.0;

    /** @var list<float> way of each wheel against that of the car */
    private array $pathShares = [1.0, 1.0, 1.0, 1.0];

    /** @var list<Friction> */
    private array $frictions;

    /** @var list<float> */
    private readonly array $inertias;

    /** @param  list<float>  $radii  rolling radii in metres, by wheel */
    public function __construct(private readonly Chassis $chassis, private readonly array $radii, private readonly Track $track, float $metresPerSecond)
    {
        $this->metresPerSecond = $metresPerSecond;
        $this->turning = array_map(static fn (float $radius): float => $metresPerSecond / $radius, $radii);
        $this->inertias = [$chassis->frontWheelKilogramSquareMetres, $chassis->frontWheelKilogramSquareMetres, $chassis->rearWheelKilogramSquareMetres, $chassis->rearWheelKilogramSquareMetres];
        $this->loads = $this->loadsNow();
        $this->frictions = $this->frictionsNow();
    }

    /**
     * Steers, gently enough for the tyres: the wheels inside go a shorter way than the car, those outside a longer one.
     *
     * @param  int  $turns  1 to the left, -1 to the right, 0 straight ahead
     */
    public function steer(int $turns): void
    {
        $most = self::GRAVITY * min([1.0, ...$this->peaks()]);
        $curvature = $turns / max(self::TIGHTEST_METRES, $this->metresPerSecond ** 2 / (self::SIDEWAYS_SHARE * $most));
        $this->sidewaysMetresPerSecondSquared = $this->metresPerSecond ** 2 * $curvature;
        $this->gripShare = sqrt(1.0 - ($this->sidewaysMetresPerSecondSquared / $most) ** 2);
        $off = $curvature * $this->chassis->trackMetres / 2.0;
        $this->pathShares = [1.0 - $off, 1.0 + $off, 1.0 - $off, 1.0 + $off];
    }

    public function surface(int $wheel): Surface
    {
        return $this->track->at($wheel < 2 ? $this->metres : $this->metres - $this->chassis->wheelbaseMetres, $wheel % 2 === 0);
    }

    /** @return list<float> of what each wheel stands on */
    public function peaks(): array
    {
        return array_map(static fn (Friction $one): float => $one->peak(), $this->frictions);
    }

    /**
     * @param  list<float>  $brakes  torque of each brake in N·m; a brake holds a wheel that stands
     * @param  ?DrivenAxle  $driven  what turns an axle; null with the clutch out
     */
    public function step(array $brakes, ?DrivenAxle $driven, float $seconds): void
    {
        if (! $this->track->isEven()) {
            $this->frictions = $this->frictionsNow();
        }
        $this->loads = $this->loadsNow();
        $equations = [];
        for ($wheel = 0; $wheel < self::WHEELS; $wheel++) {
            $equations[] = $this->equation($wheel, $brakes[$wheel], $seconds);
        }
        $speeds = $driven === null ? null : $driven->solved($equations, $seconds);
        $all = 0.0;
        for ($wheel = 0; $wheel < self::WHEELS; $wheel++) {
            [$held, $moved, $gain, $lag, $force, $slope] = $equations[$wheel];
            $turning = max(0.0, $speeds[$wheel] ?? $moved / $held);
            $slip = $lag - $gain * $turning;
            $this->forces[$wheel] = $force + $slope * ($slip - $this->slips[$wheel]);
            $this->slips[$wheel] = $slip;
            $this->turning[$wheel] = $turning;
            $this->turned[$wheel] += $turning * $seconds;
            $all += $this->forces[$wheel];
        }
        $this->roll($all, $seconds);
    }

    /**
     * Of one wheel: held · ω = moved for its speed after the step, and slip = lag − gain · ω, force = force + slope · (slip − slip now).
     *
     * @return array{float, float, float, float, float, float}
     */
    private function equation(int $wheel, float $brake, float $seconds): array
    {
        [$radius, $load, $slip, $speed] = [$this->radii[$wheel], $this->loads[$wheel], $this->slips[$wheel], $this->metresPerSecond * $this->pathShares[$wheel]];
        $follows = self::RELAXATION_METRES + $seconds * max($speed, $radius * $this->turning[$wheel]);
        $lag = (self::RELAXATION_METRES * $slip + $seconds * $speed) / $follows;
        $gain = $seconds * $radius / $follows;
        $friction = $this->frictions[$wheel];
        $size = abs($slip);
        $force = $load * $this->gripShare * $friction->at($size) * ($slip < 0.0 ? -1.0 : 1.0);
        $slope = $load * $this->gripShare * max(0.0, $friction->slopeAt($size));
        $inertia = $this->inertias[$wheel] / $seconds;
        $rolling = $this->chassis->resistance->rollingShare * $load * $radius;

        return [$inertia + $radius * $slope * $gain, $inertia * $this->turning[$wheel] + $radius * ($force + $slope * ($lag - $slip)) - $brake - $rolling, $gain, $lag, $force, $slope];
    }

    private function roll(float $newtons, float $seconds): void
    {
        $before = $this->metresPerSecond;
        $deceleration = ($newtons + $this->chassis->resistance->airNewtons * $before ** 2) / $this->chassis->massKilograms;
        $this->metresPerSecond = max(0.0, $before - $deceleration * $seconds);
        $this->metres += ($before + $this->metresPerSecond) / 2.0 * $seconds;
        $this->pitchDeceleration += ($deceleration - $this->pitchDeceleration) * min(1.0, $seconds / $this->chassis->loadLagSeconds);
    }

    /** @return list<float> */
    private function loadsNow(): array
    {
        $chassis = $this->chassis;
        $shifted = $chassis->massKilograms * $this->pitchDeceleration * $chassis->gravityHeightMetres / $chassis->wheelbaseMetres;
        $rear = $chassis->massKilograms * self::GRAVITY * $chassis->gravityBehindFrontAxleMetres / $chassis->wheelbaseMetres;
        $front = $chassis->massKilograms * self::GRAVITY - $rear;
        [$front, $rear] = [max(0.0, $front + $shifted) / 2.0, max(0.0, $rear - $shifted) / 2.0];

        $rolled = $this->sidewaysMetresPerSecondSquared / self::GRAVITY * $chassis->gravityHeightMetres / $chassis->trackMetres * 2.0; // share of a wheel's load that the wheels outside gain

        return [$front * (1.0 - $rolled), $front * (1.0 + $rolled), $rear * (1.0 - $rolled), $rear * (1.0 + $rolled)];
    }

    /** @return list<Friction> */
    private function frictionsNow(): array
    {
        return array_map(fn (int $wheel): Friction => $this->surface($wheel)->friction(), range(0, self::WHEELS - 1));
    }
}
