<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Module\Failure;
use Lernfall\Module\FreezeFrame;

/**
 * The module watches its circuits while the key is on: what is out of range for long enough is noticed, and what it feeds
 * is switched off. Whatever hands do takes longer than that.
 */
final readonly class Supervision
{
    /**
     * The ways it can come, once the module has seen what was done to its circuits.
     *
     * @return non-empty-list<array{float, Car}> weight and car
     */
    public static function over(Car $before, Car $after): array
    {
        return self::isDifferent($before, $after) && $before->modulePowered() ? self::watch($after, $after->vehicle->channelIds()) : [[1.0, $after]];
    }

    private static function isDifferent(Car $before, Car $after): bool
    {
        $was = $before->state;
        $is = $after->state;

        return $was->key->cycles === $is->key->cycles
            && ($before->vehicle !== $after->vehicle || $was->key !== $is->key || $was->places !== $is->places || $was->connections !== $is->connections || $was->lasting->warmth !== $is->lasting->warmth);
    }

    /**
     * What a module sees that watches its circuits as they are now.
     *
     * @param  list<string>  $channels  that have to be looked at
     * @return non-empty-list<array{float, Car}> weight and car
     */
    public static function watch(Car $car, array $channels): array
    {
        if (! $car->vehicle->module->monitors->standstill->watches() || ! $car->modulePowered()) {
            return [[1.0, $car]];
        }
        $chances = [];
        $about = [];
        $state = $car->electrical();
        foreach ($channels as $id) {
            if ($car->state->memory->hasPresentElectrical($id)) {
                continue; // found already
            }
            foreach (CircuitCheck::of($car, $car->channel($id), $state) as $event => [$failure, $chance]) {
                if ($chance > 0.0) {
                    $chances[$event] = $chance;
                    $about[$event] = [$id, $failure];
                }
            }
        }

        return $chances === [] ? [[1.0, $car]] : self::noticed($car, $chances, $about);
    }

    /**
     * @param  non-empty-array<string, float>  $chances  by event
     * @param  array<string, array{string, Failure}>  $about  channel and failure, by event
     * @return non-empty-list<array{float, Car}> weight and car
     */
    private static function noticed(Car $car, array $chances, array $about): array
    {
        $ways = [];
        foreach (OutcomeBranching::of($car, $chances) as [$weight, $state, $outcomes]) {
            $found = [];
            foreach (array_keys(array_filter($outcomes)) as $event) {
                [$id, $failure] = $about[$event];
                $found[$id][] = $failure;
            }
            $ways[] = [$weight, self::noted($car->in($state), $found, FreezeFrame::atRest($car->electrical()->systemVolts))];
        }

        return $ways;
    }

    /**
     * The car once its module has noticed this.
     *
     * @param  array<string, list<Failure>>  $found  by channel
     */
    public static function noted(Car $car, array $found, FreezeFrame $frame): Car
    {
        if ($found === []) {
            return $car;
        }
        $found = CircuitCheck::spread($car->vehicle, $found);
        $memory = $car->state->memory;
        foreach ($found as $id => $failures) {
            foreach ($failures as $failure) {
                $memory = $memory->set($id, $failure, $frame);
            }
        }

        return $car->in($car->state->remembering($memory)->cutting(CircuitCheck::withheld($car->vehicle, $found)));
    }
}
