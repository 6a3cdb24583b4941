<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

/**
 * The ways several uncertain things can turn out together.
 *
 * A true car takes one way; a hypothesis car goes them all, and keeps what it was given, so that the same question
 * in the same state is answered alike the next time.
 */
final readonly class OutcomeBranching
{
    /** Chances nearer to 0 or 1 than this are taken as certain. */
    private const NEARLY = 0.001;

    /**
     * @param  array<string, float>  $chances  by name of the event; the name tells the state it happens in
     * @return non-empty-list<array{float, CarState, array<string, bool>}> weight, state, outcome by event
     */
    public static function of(Car $car, array $chances): array
    {
        $certain = [];
        $open = [];
        foreach ($chances as $event => $chance) {
            $settled = $car->state->record->settled[$event] ?? match (true) {
                $chance < self::NEARLY => false,
                $chance > 1.0 - self::NEARLY => true,
                default => null,
            };
            if ($settled === null) {
                $open[$event] = $chance;
            } else {
                $certain[$event] = $settled;
            }
        }
        $ways = [[1.0, $certain, []]];
        foreach ($open as $event => $chance) {
            $ways = self::split($ways, $event, $chance);
        }

        return array_map(
            static fn (array $way): array => [$way[0], $car->state->withSettled($way[2]), $way[1]],
            $ways,
        );
    }

    /**
     * @param  non-empty-list<array{float, array<string, bool>, array<string, bool>}>  $ways
     * @return non-empty-list<array{float, array<string, bool>, array<string, bool>}>
     */
    private static function split(array $ways, string $event, float $chance): array
    {
        $next = [];
        foreach ($ways as [$weight, $outcomes, $settled]) {
            foreach ([[true, $chance], [false, 1.0 - $chance]] as [$happens, $share]) {
                if ($share > 0.0) {
                    $next[] = [
                        $weight * $share,
                        [$event => $happens] + $outcomes,
                        $share < 1.0 ? [$event => $happens] + $settled : $settled,
                    ];
                }
            }
        }

        return $next === [] ? $ways : $next;
    }
}
