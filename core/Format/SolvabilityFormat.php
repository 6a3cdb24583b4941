<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Evidence\Advice\Path;
use Lernfall\Evidence\Advice\Trial;
use Lernfall\Evidence\Solving\Solvability;

/** What was found about a case, as JSON. */
final readonly class SolvabilityFormat
{
    /** @return array{solvable: bool, needed: string, reached: int, of: int, afterFirstLook: float, par: ?array{minutes: float, cost: float, tests: list<array{id: string, place: string, minutes: float}>}, together: list<string>, warnings: list<string>} */
    public static function write(Solvability $found): array
    {
        $path = $found->shortest();

        return [
            'solvable' => $found->isSolvable(),
            'needed' => $found->needed,
            'reached' => count(array_filter($found->paths, static fn (Path $one): bool => $one->isRight())),
            'of' => count($found->paths),
            'afterFirstLook' => round($found->afterFirstLook, 3),
            'par' => $path === null ? null : [
                'minutes' => round($path->minutes(), 1),
                'cost' => round($path->cost()),
                'tests' => array_map(static fn (Trial $trial): array => ['id' => $trial->id, 'place' => $trial->place, 'minutes' => $trial->minutes], $path->tests),
            ],
            'together' => $found->together,
            'warnings' => $found->warnings(),
        ];
    }
}
