<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Vehicle\Vehicle;

/** Faults with their chances, as JSON. */
final readonly class LikelyFormat
{
    /**
     * @param  array<array-key, float>  $chances  by "kind@place", several joined by "+"
     * @return list<array{faults: list<array{kind: string, channel: string}>, chance: float}>
     */
    public static function write(array $chances): array
    {
        $list = [];
        foreach ($chances as $name => $chance) {
            $list[] = ['faults' => array_map(static function (string $fault): array {
                [$kind, $channel] = [...explode('@', $fault), Vehicle::WHOLE];

                return ['kind' => $kind, 'channel' => $channel];
            }, explode('+', (string) $name)), 'chance' => round($chance, 4)];
        }

        return $list;
    }
}
