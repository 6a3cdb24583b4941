<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Motion\Chassis;

/**
 * A car on its four wheels as it rolls: what torques at the wheels do to it on a road. It knows neither brakes nor faults, and it drives straight ahead.
 *
 * Wheels are front left, front right, rear left, rear right. Slip follows a wheel's speed over a length of road (relaxation, first order). In each step, tyre force and slip
 * are taken as they change with the wheel's speed to be found, so that one division, or two equations for the wheels of a driven axle, gives that speed; it stays true where
 * wheels are stiff. The force on a wheel is the force on the car. In a bend the tyres hold the car sideways with a part of their grip, and along the road with what
 * the circle of friction leaves (√(1 − share²), school physics); the load moves to the wheels outside.
 */
final class RollingCar
{
    public const GRAVITY = 9.81;

    /** Radius that it is not steered tighter than. */
    private const TIGHTEST_METRES = 12.0;

    /** Of what its tyres could hold sideways, at most. */
    private const SIDEWAYS_SHARE = 0.3;

    public float $metresPerSecond;

    /** Of the front axle, from where it began. */
    public float $metres = 0.0;

    /** @var list<RollingWheel> */
    public readonly array $wheels;

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

    /** @var list<float> greatest friction of what each wheel stands on */
    private array $peaks;

    /** @var array{int, int} patches of the road under the axles */
    private array $patches;

    /** @param  list<float>  $radii  rolling radii in metres, by wheel */
    public function __construct(private readonly Chassis $chassis, array $radii, private readonly Track $track, float $metresPerSecond)
    {
        $this->metresPerSecond = $metresPerSecond;
        [$front, $rear] = [$chassis->frontWheelKilogramSquareMetres, $chassis->rearWheelKilogramSquareMetres];
        $this->wheels = array_map(static fn (float $radius, float $inertia): RollingWheel => new RollingWheel($radius, $inertia, $metresPerSecond), $radii, [$front, $front, $rear, $rear]);
        $this->loads = $this->loadsNow();
        $this->standOn($this->patchesNow());
    }

    /**
     * Steers, gently enough for the tyres: the wheels inside go a shorter way than the car, those outside a longer one.
     *
     * @param  int  $turns  1 to the left, -1 to the right, 0 straight ahead
     */
    public function steer(int $turns): void
    {
        $most = self::GRAVITY * min(1.0, ...$this->peaks);
        $curvature = $turns / max(self::TIGHTEST_METRES, $this->metresPerSecond ** 2 / (self::SIDEWAYS_SHARE * $most));
        $this->sidewaysMetresPerSecondSquared = $this->metresPerSecond ** 2 * $curvature;
        $this->gripShare = sqrt(1.0 - ($this->sidewaysMetresPerSecondSquared / $most) ** 2);
        $off = $curvature * $this->chassis->trackMetres / 2.0;
        $this->pathShares = [1.0 - $off, 1.0 + $off, 1.0 - $off, 1.0 + $off];
    }

    /** @return list<float> radians a second, by wheel */
    public function turning(): array
    {
        return array_map(static fn (RollingWheel $wheel): float => $wheel->turning, $this->wheels);
    }

    /**
     * @param  list<float>  $brakes  torque of each brake in N·m; a brake holds a wheel that stands
     * @param  ?DrivenAxle  $driven  what turns an axle; null with the clutch out
     */
    public function step(array $brakes, ?DrivenAxle $driven, float $seconds): void
    {
        if (! $this->track->isEven()) {
            $patches = $this->patchesNow();
            if ($patches !== $this->patches) {
                $this->standOn($patches);
            }
        }
        $loads = $this->loads = $this->loadsNow();
        $rollingShare = $this->chassis->resistance->rollingShare;
        foreach ($this->wheels as $number => $wheel) {
            $wheel->prepare($this->metresPerSecond * $this->pathShares[$number], $loads[$number], $this->gripShare, $this->frictions[$number], $brakes[$number], $rollingShare, $seconds);
        }
        $speeds = $driven === null ? [] : $driven->solved($this->wheels, $seconds);
        $all = 0.0;
        foreach ($this->wheels as $number => $wheel) {
            $wheel->turn($speeds[$number] ?? $wheel->moved / $wheel->held, $seconds);
            $all += $wheel->force;
        }
        $this->roll($all, $seconds);
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

    /** @return array{int, int} */
    private function patchesNow(): array
    {
        return [$this->track->patchAt($this->metres), $this->track->patchAt($this->metres - $this->chassis->wheelbaseMetres)];
    }

    /** @param  array{int, int}  $patches */
    private function standOn(array $patches): void
    {
        $this->patches = $patches;
        $this->frictions = [];
        foreach ($patches as $patch) {
            array_push($this->frictions, $this->track->left($patch)->friction(), $this->track->right($patch)->friction());
        }
        $this->peaks = array_map(static fn (Friction $one): float => $one->peak(), $this->frictions);
    }
}
