<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\SeriesFeature;
use Lernfall\Bay\LiveData\LiveWork;
use Lernfall\Road\Corners;
use Lernfall\Road\FeltLimits;
use Lernfall\Road\RoadRecord;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\Modulation;

/**
 * What a terminal records of a stop: speeds as the module counts them and what it takes for the car's, what it wants of each wheel's valves and of the pump, and the switch at the
 * pedal. Of pressure nothing is known: none of the cars has a sensor for it. The driver sets a mark when the pedal beats, the pump is heard or a wheel locks.
 */
final readonly class StopRecorder
{
    /** A sample every so many ticks of the module. */
    private const EVERY_TICKS = 10;

    /** From what is noticed to the finger on the button. */
    private const REACTS_SECONDS = 0.3;

    private const STATE = 'state';

    public function __construct(private Car $car, private Corners $corners, private FeltLimits $limits)
    {
    }

    /** @return array<string, Feature> a state of a valve is 0 for as pressed, 1 for held and 2 for let go; others are 0 or 1 */
    public function recorded(RoadRecord $record): array
    {
        $ticks = range(0, max(0, count($record->counted) - 1), self::EVERY_TICKS);
        $seconds = self::EVERY_TICKS * $record->tickSeconds;
        $features = [];
        foreach ($this->corners->ids as $wheel => $id) {
            $features["$id.speed"] = new SeriesFeature('metresPerSecond', array_map(static fn (int $tick): float => $record->counted[$tick][$wheel], $ticks), $seconds, LiveWork::SPEED_STEP);
        }
        $features['reference'] = new SeriesFeature('metresPerSecond', array_map(static fn (int $tick): float => $record->reference[$tick], $ticks), $seconds, LiveWork::SPEED_STEP);
        foreach ($this->corners->ids as $wheel => $id) {
            $features["$id.valve"] = self::state(array_map(static fn (int $tick): int => self::strongest($record, $tick, $wheel), $ticks), $seconds);
        }
        $features['pump'] = self::state(array_map(static fn (int $tick): int => (int) $record->pump[$tick], $ticks), $seconds);
        $closed = fn (bool $pressed): int => (int) $this->car->vehicle->brakeParts->isClosed(BrakeParts::STOP_LAMP_SWITCH, $pressed);
        $features['stop-lamp'] = self::state(array_map(static fn (int $tick): int => $closed($record->pressed[$tick]), $ticks), $seconds);

        return [...$features, ...$this->marked($record)];
    }

    /** @param  list<int>  $states */
    private static function state(array $states, float $seconds): SeriesFeature
    {
        return new SeriesFeature(self::STATE, array_map(floatval(...), $states), $seconds, 1.0);
    }

    /** What is wanted for a moment only shows as well. */
    private static function strongest(RoadRecord $record, int $from, int $wheel): int
    {
        return max([0, ...array_map(static fn (array $wishes): int => ($wishes[$wheel] ?? Modulation::Increase)->position(), array_slice($record->wishes, $from, self::EVERY_TICKS))]);
    }

    /** @return array<string, Feature> */
    private function marked(RoadRecord $record): array
    {
        $noticed = $record->noticedAfter($this->limits->beatsCubicCentimetres, $this->limits->hearsSeconds, $this->limits->locksSeconds, $this->limits->locksAboveMetresPerSecond);

        return $noticed === null ? [] : ['at' => NumberFeature::reading('seconds', $noticed + self::REACTS_SECONDS, self::EVERY_TICKS * $record->tickSeconds, 0.0)];
    }
}
