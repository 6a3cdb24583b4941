<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Module\Control\WheelPhase;
use Lernfall\Vehicle\Brakes\Modulation;

/** What was on the way, tick by tick: all lists are as long as there are ticks, and those of wheels have four entries each. */
final class RoadRecord
{
    private const ALL_AS_PRESSED = [WheelPhase::AsPressed, WheelPhase::AsPressed, WheelPhase::AsPressed, WheelPhase::AsPressed];

    /** Names of everything there is for each tick. */
    private const LISTS = [
        'seconds', 'metresPerSecond', 'metres', 'wheels', 'counted', 'reference', 'bars', 'slips', 'forces', 'loads', 'phases', 'wishes', 'pressed', 'pump', 'pumpTurns', 'engineShares', 'pedalCentimetres', 'swings', 'accumulated',
    ];

    /** @var list<float> */
    public array $seconds = [];

    /** @var list<float> true speed of the car */
    public array $metresPerSecond = [];

    /** @var list<float> */
    public array $metres = [];

    /** @var list<array<int, float>> true speeds of the wheels at their rims, m/s */
    public array $wheels = [];

    /** @var list<list<float>> as the module has counted them, m/s */
    public array $counted = [];

    /** @var list<float> what the module takes for the car's speed, m/s */
    public array $reference = [];

    /** @var list<list<float>> at the wheels' brakes */
    public array $bars = [];

    /** @var list<array<int, float>> slip, above zero while braking */
    public array $slips = [];

    /** @var list<array<int, float>> newtons against the drive */
    public array $forces = [];

    /** @var list<list<float>> newtons on the road */
    public array $loads = [];

    /** @var list<list<WheelPhase>> */
    public array $phases = [];

    /** @var list<list<Modulation>> what the module wants of each wheel's valves in the first half of a tick, while it brakes */
    public array $wishes = [];

    /** @var list<bool> a foot is on the brake */
    public array $pressed = [];

    /** @var list<bool> the module wants the pump to run */
    public array $pump = [];

    /** @var list<bool> some pump turns */
    public array $pumpTurns = [];

    /** @var list<float> of the engine's torque that the module lets through, while a car pulls away */
    public array $engineShares = [];

    /** @var list<float> centimetres the pedal has gone down */
    public array $pedalCentimetres = [];

    /** @var list<float> by how much the force of all brakes swings with the turns of uneven discs, as a share of it */
    public array $swings = [];

    /** @var list<float> cubic centimetres in all accumulators */
    public array $accumulated = [];

    /** @var array<string, float> cubic centimetres that stay in the accumulators, by circuit */
    public array $left = [];

    public function __construct(public readonly float $tickSeconds)
    {
    }

    /**
     * How the car has rolled in the tick that began now.
     *
     * @param  list<float>  $radii  of its wheels, in metres
     */
    public function rolled(RollingCar $car, array $radii, float $now): void
    {
        $this->seconds[] = $now + $this->tickSeconds;
        $this->metresPerSecond[] = $car->metresPerSecond;
        $this->metres[] = $car->metres;
        [$speeds, $slips, $forces] = [[], [], []];
        foreach ($car->wheels as $number => $wheel) {
            $speeds[] = $wheel->turning * $radii[$number];
            $slips[] = $wheel->slip;
            $forces[] = $wheel->force;
        }
        $this->wheels[] = $speeds;
        $this->slips[] = $slips;
        $this->forces[] = $forces;
        $this->loads[] = $car->loads;
    }

    /** From one tick to before another, its time beginning anew; how far the car had come stays. */
    public function part(int $from, int $to): self
    {
        $part = new self($this->tickSeconds);
        foreach (self::LISTS as $list) {
            $part->$list = array_slice($this->$list, $from, $to - $from);
        }
        $before = $from * $this->tickSeconds;
        $part->seconds = array_map(static fn (float $second): float => $second - $before, $part->seconds);

        return $part;
    }

    /** Until the car stood, or the foot was let go. */
    public function stopMetres(): float
    {
        return $this->metres === [] ? 0.0 : $this->metres[count($this->metres) - 1];
    }

    /** Of the car, at the end. */
    public function lastMetresPerSecond(): float
    {
        return $this->metresPerSecond === [] ? 0.0 : $this->metresPerSecond[count($this->metresPerSecond) - 1];
    }

    /** The longest time without a pause that a wheel stood while the car went faster than this. */
    public function lockedSeconds(int $wheel, float $aboveMetresPerSecond): float
    {
        $longest = $now = 0.0;
        foreach ($this->wheels as $tick => $speeds) {
            $now = $this->metresPerSecond[$tick] > $aboveMetresPerSecond && $speeds[$wheel] <= 0.01 ? $now + $this->tickSeconds : 0.0;
            $longest = max($longest, $now);
        }

        return $longest;
    }

    public function isControlled(): bool
    {
        foreach ($this->phases as $phases) {
            if ($phases !== self::ALL_AS_PRESSED) {
                return true;
            }
        }

        return array_filter($this->engineShares, static fn (float $share): bool => $share < 1.0) !== [];
    }

    /** Seconds until the driver notices something: so much fluid pressed back against the foot, a pump that turns for so long, or a wheel that has stood for so long while the car went faster than this; null where there is nothing. */
    public function noticedAfter(float $cubicCentimetres, float $heardSeconds, float $lockedSeconds, float $aboveMetresPerSecond): ?float
    {
        $returned = $heard = 0.0;
        $locked = array_fill(0, count($this->wheels[0] ?? []), 0.0);
        foreach ($this->seconds as $tick => $now) {
            $returned += max(0.0, ($this->accumulated[$tick - 1] ?? 0.0) - $this->accumulated[$tick]);
            $heard += $this->pumpTurns[$tick] ? $this->tickSeconds : 0.0;
            foreach ($this->wheels[$tick] as $wheel => $speed) {
                $locked[$wheel] = $speed <= 0.01 && $this->metresPerSecond[$tick] > $aboveMetresPerSecond ? $locked[$wheel] + $this->tickSeconds : 0.0;
            }
            if ($returned > $cubicCentimetres || $heard > $heardSeconds || max([0.0, ...$locked]) > $lockedSeconds) {
                return $now;
            }
        }

        return null;
    }

    /**
     * By how much the force of the brakes swings with the wheels, as a share of it: the mean over the way on which nothing else moves under the foot, faster than this.
     *
     * @param  float  $leastMetres  of such a way; 0 is given where there is less
     */
    public function swingShare(float $leastMetres, float $aboveMetresPerSecond): float
    {
        [$metres, $swung] = [0.0, 0.0];
        foreach ($this->swings as $tick => $share) {
            if ($this->phases[$tick] === self::ALL_AS_PRESSED && $this->metresPerSecond[$tick] > $aboveMetresPerSecond) {
                $way = $this->metresPerSecond[$tick] * $this->tickSeconds;
                [$metres, $swung] = [$metres + $way, $swung + $way * $share];
            }
        }

        return $metres > 0.0 && $metres >= $leastMetres ? $swung / $metres : 0.0;
    }

    /** Cubic centimetres that the pumps have pressed back against the foot. */
    public function returned(): float
    {
        $returned = 0.0;
        foreach ($this->accumulated as $tick => $now) {
            $returned += max(0.0, ($this->accumulated[$tick - 1] ?? 0.0) - $now);
        }

        return $returned;
    }
}
