<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Module\Control\ToothTimer;
use Lernfall\Vehicle\Vehicle;

/** What a module hears of the four wheels of a car. */
final readonly class HeardWheels
{
    /** Where each ring stands as it begins, in turns; rings that stand alike would be alike to the last bit. */
    private const PHASES = [0.137, 0.274, 0.411, 0.548];

    /** By how much that differs from one way of trying to the next. */
    private const FURTHER = [0.31, 0.48, 0.65, 0.82];

    /** @param  array<string, HeardRing>  $rings  as the module hears them, by channel */
    public function __construct(private Vehicle $vehicle, public Corners $corners, public array $rings)
    {
    }

    /**
     * @param  float  $metresPerSecond  of the car as it begins
     * @param  float  $way  of trying, from 0 to 1: where the rings stand then
     * @return list<HeardWheel> by wheel as the module takes it: its pins may belong to another one
     */
    public function at(float $metresPerSecond, float $way): array
    {
        $behind = $this->vehicle->inputs();
        $circumference = $this->vehicle->tyre->rollingCircumferenceMetres();
        $listening = [];
        foreach ($this->corners->ids as $wheel => $id) {
            $source = $behind[$id] ?? $id;
            $turned = (int) array_search($source, $this->corners->ids, true);
            $phase = fmod(self::PHASES[$turned] + $way * self::FURTHER[$turned], 1.0);
            $ring = $this->rings[$source] ?? HeardRing::silent();
            $aTooth = $circumference / $this->vehicle->reckonedTeeth($source);
            $turnsPerSecond = $metresPerSecond / $circumference / $this->vehicle->channel($source)->wheelEnd->rollingFactor();
            $listening[] = new HeardWheel($turned, new ToothTimer($ring->heardFrom, $ring->crackPitches, $phase, $aTooth, $ring->teethPerSecond($turnsPerSecond) * $aTooth));
        }

        return $listening;
    }

    /** @return list<array{float, int, string}> what of its wheels makes a difference besides the rings */
    public function wheels(): array
    {
        return array_map(fn (string $id): array => [$this->vehicle->channel($id)->wheelEnd->rollingFactor(), $this->vehicle->reckonedTeeth($id), $this->vehicle->inputOf($id)], $this->corners->ids);
    }
}
