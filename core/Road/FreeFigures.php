<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Vehicle\Motion\Chassis;

/** What of a free drive a driver could notice, as figures. How far or how quickly it went tells nothing: nobody has driven just so before. */
final readonly class FreeFigures
{
    /** A figure that is as far from where it would be noticed as this, up or down, is told alike wherever the rings stand. */
    private const CLEAR = [0.65, 1.5];

    private const HELD_BACK_SHARE = 0.9;

    private const FLICKERS_SECONDS = 0.1;

    /**
     * @param  list<Yaw>  $yaws  of the parts that were braked
     * @param  list<float>  $lockedSeconds  by wheel
     * @param  ?UnderFoot  $underFoot  null where nobody braked
     * @param  array<int, float>  $spinning  by driven wheel, seconds that it spun against those that the throttle was open
     */
    private function __construct(private array $yaws, private array $lockedSeconds, private ?UnderFoot $underFoot, private float $heard, private array $spinning, private float $throttleSeconds, private float $heldBack, private float $atWork)
    {
    }

    /**
     * @param  array<int, float>  $restingCentimetres  how far the pedal goes down while the car stands, by force of the foot in whole newtons
     * @param  int  $left  the left driven wheel; the right one is the next
     */
    public static function of(FreeRecord $record, array $restingCentimetres, int $left, Chassis $chassis, Track $track, FeltLimits $limits, StartLimits $starts): self
    {
        [$yaws, $locked, $underFoot, $spinning, $throttle, $heldBack, $atWork] = [[], [0.0, 0.0, 0.0, 0.0], null, [$left => 0.0, $left + 1 => 0.0], 0.0, 0.0, 0.0];
        foreach ($record->parts as [$part, $driven]) {
            $dt = $driven->tickSeconds;
            if ($part->isBraked()) {
                $yaws[] = Yaw::of($driven, $chassis, $track);
                $locked = array_map(static fn (int $wheel): float => max($locked[$wheel], $driven->lockedSeconds($wheel, $limits->locksAboveMetresPerSecond)), [0, 1, 2, 3]);
                $underFoot = UnderFoot::of($driven, $restingCentimetres[(int) $part->footNewtons] ?? 0.0)->and($underFoot);
            }
            if ($part->isThrottle) {
                foreach (array_keys($spinning) as $wheel) {
                    $spinning[$wheel] += $dt * count(array_filter(array_keys($driven->wheels), static fn (int $tick): bool => $driven->wheels[$tick][$wheel] - $driven->metresPerSecond[$tick] > $starts->spinsMetresPerSecond));
                }
                $throttle += $dt * count($driven->seconds);
                $back = $dt * count(array_filter($driven->engineShares, static fn (float $share): bool => $share < self::HELD_BACK_SHARE));
                $heldBack += $back;
                $atWork += $back + $dt * count(array_filter($driven->pump));
            }
        }

        return new self($yaws, $locked, $underFoot, $record->whole->tickSeconds * count(array_filter($record->whole->pumpTurns)), $spinning, $throttle, $heldBack, $atWork);
    }

    /**
     * @param  list<string>  $wheels  names of the wheels
     * @return array<string, string> a word each, by what it is about
     */
    public function words(array $wheels, FeltLimits $limits, StartLimits $starts): array
    {
        $words = ['unit' => $this->heard > $limits->hearsSeconds ? 'unit-heard' : 'unit-quiet'];
        if ($this->underFoot !== null) {
            $locks = array_map(static fn (float $seconds): bool => $seconds > $limits->locksSeconds, $this->lockedSeconds);
            $words += [
                ...$this->underFoot->words($limits),
                'course' => $this->course($limits),
                'steering' => $locks[0] && $locks[1] ? 'steering-dead' : 'steering-answers',
            ];
            foreach ($wheels as $wheel => $name) {
                $words["mark.$name"] = $locks[$wheel] ? 'wheel-leaves-mark' : 'wheel-rolls';
            }
        }
        if ($this->throttleSeconds > 0.0) {
            $words += [
                'engine' => $this->heldBack > $starts->hearsSeconds ? 'engine-held-back' : 'engine-pulls',
                'lamp' => $this->atWork > self::FLICKERS_SECONDS ? 'lamp-flickers' : 'lamp-dark',
            ];
            foreach ($this->spinning as $wheel => $seconds) {
                $words["spin.$wheels[$wheel]"] = $seconds > $this->throttleSeconds / $starts->openSeconds * $starts->spinsSeconds ? 'wheel-spins' : 'wheel-grips';
            }
        }

        return $words;
    }

    /** Whether no figure lies near to where it would be told otherwise. */
    public function isClear(FeltLimits $limits, StartLimits $starts): bool
    {
        $wheels = ['0', '1', '2', '3'];

        return $this->words($wheels, $limits->times(self::CLEAR[0]), $starts->times(self::CLEAR[0])) === $this->words($wheels, $limits->times(self::CLEAR[1]), $starts->times(self::CLEAR[1]));
    }

    /** The worst of all the times it was braked. */
    private function course(FeltLimits $limits): string
    {
        $moments = array_map(static fn (Yaw $yaw): float => $yaw->momentPerKilogram, $this->yaws);
        $furthest = array_reduce($moments, static fn (float $most, float $one): float => abs($one) > abs($most) ? $one : $most, 0.0);

        return match (true) {
            array_filter($this->yaws, static fn (Yaw $yaw): bool => $yaw->goesRound()) !== [] => 'swings-round',
            $furthest > $limits->pullsNewtonMetresPerKilogram => 'pulls-left',
            $furthest < -$limits->pullsNewtonMetresPerKilogram => 'pulls-right',
            default => 'keeps-straight',
        };
    }
}
