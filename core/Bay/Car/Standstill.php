<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Signal\Switching;

/** Where wheels have come to rest: a tooth in front of an active sensor, or a gap. Nobody can know beforehand. */
final readonly class Standstill
{
    private const TOOTH_CHANCE = 0.5;

    /**
     * @param  list<string>  $channelIds  those that matter; "" is passed over
     * @return non-empty-list<array{float, CarState, array<string, bool>}> weight, state, tooth by channel
     */
    public static function ways(Car $car, array $channelIds): array
    {
        $chances = [];
        $channels = [];
        foreach (array_unique($channelIds) as $id) {
            if ($id !== '' && $car->state->wheels->turnsOf($id) === 0.0 && Switching::rests($car->vehicle->channel($id))) {
                $event = "tooth.$id@{$car->state->wheels->rests}";
                $channels[$event] = $id;
                $chances[$event] = $car->deviations->chance($event, self::TOOTH_CHANCE);
            }
        }

        return array_map(static function (array $way) use ($channels): array {
            [$weight, $state, $outcomes] = $way;
            $teeth = [];
            foreach ($outcomes as $event => $tooth) {
                $teeth[$channels[$event]] = $tooth;
            }

            return [$weight, $state, $teeth];
        }, OutcomeBranching::of($car, $chances));
    }
}
