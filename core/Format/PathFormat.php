<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Solving\Path;

/** A path worked by advice, as JSON: repair and proof included. */
final readonly class PathFormat
{
    /** @return array{minutes: float, cost: float, remedy: string, handedOver: bool, tests: list<array{id: string, place: string, minutes: float}>} */
    public static function write(Path $path): array
    {
        return [
            'minutes' => round($path->minutes(), 1),
            'cost' => round($path->cost()),
            'remedy' => $path->advice->remedy,
            'handedOver' => array_filter(explode('+', $path->advice->remedy), static fn (string $one): bool => in_array(explode('@', $one)[0], $path->job->case->madeElsewhere, true)) !== [],
            'tests' => array_map(static fn (Trial $trial): array => ['id' => $trial->id, 'place' => $trial->place, 'minutes' => $trial->minutes], $path->tests),
        ];
    }
}
