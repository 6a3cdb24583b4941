<?php

declare(strict_types=1);

namespace Lernfall\Bay\Driving;

use Lernfall\Bay\Car\Car;
use Lernfall\Module\SpeedInput;
use Lernfall\Signal\Rotation;
use Lernfall\Vehicle\ToothedRing;

/** The speeds the module reckons from its channels at one speed of the car, and how far each lies off the others. */
final readonly class SpeedComparison
{
    /** @param  array<string, float>  $speeds  metres a second by channel; 0 where nothing is counted, or not evenly */
    private function __construct(private array $speeds)
    {
    }

    /** @param  array<string, SpeedInput>  $inputs  by channel */
    public static function of(Car $car, array $inputs, float $metresPerSecond): self
    {
        $speeds = [];
        foreach ($inputs as $id => $input) {
            $channel = $car->vehicle->channel($id);
            $turns = Rotation::turnsPerSecond($car->vehicle->tyre, $metresPerSecond) / $channel->wheelEnd->rollingFactor();
            $speeds[$id] = $input->hasGapsAt($turns) ? 0.0 : self::reckoned($channel->wheelEnd->ring, $car->vehicle->reckonedTeeth($id), $input->countedTurnsPerSecond($turns), $car->vehicle->tyre->rollingCircumferenceMetres());
        }

        return new self($speeds);
    }

    /**
     * What the module takes for the speed: it divides the teeth it counts by those it expects.
     *
     * @param  float  $countedTurnsPerSecond  of the ring that is fitted
     */
    public static function reckoned(ToothedRing $ring, int $reckonedTeeth, float $countedTurnsPerSecond, float $circumferenceMetres): float
    {
        return $countedTurnsPerSecond * $ring->teeth / $reckonedTeeth * $circumferenceMetres;
    }

    /** A channel's speed against the median of those that are counted; 1 where it or they are not. */
    public function ratio(string $id): float
    {
        $counted = array_values(array_filter($this->speeds, static fn (float $speed): bool => $speed > 0.0));
        if (count($counted) < 3 || $this->speeds[$id] <= 0.0) {
            return 1.0;
        }
        sort($counted);
        $middle = intdiv(count($counted), 2);
        $median = count($counted) % 2 === 1 ? $counted[$middle] : ($counted[$middle - 1] + $counted[$middle]) / 2.0;

        return $this->speeds[$id] / $median;
    }
}
