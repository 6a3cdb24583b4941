<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Evidence\Solving\Path;
use Lernfall\Evidence\Solving\Solvability;

/** What was found about a case, as JSON. */
final readonly class SolvabilityFormat
{
    /** @return array{solvable: bool, needed: string, reached: int, of: int, afterFirstLook: float, par: ?array{minutes: float, cost: float, remedy: string, tests: list<array{id: string, place: string, minutes: float}>}, together: list<string>, tools: list<array{tool: string, apart: list<string>}>, warnings: list<string>, silent: list<string>} */
    public static function write(Solvability $found): array
    {
        $path = $found->shortest();

        return [
            'solvable' => $found->isSolvable(),
            'needed' => $found->needed,
            'reached' => count(array_filter($found->paths, static fn (Path $one): bool => $one->isRight())),
            'of' => count($found->paths),
            'afterFirstLook' => round($found->afterFirstLook, 3),
            'par' => $path === null ? null : PathFormat::write($path),
            'together' => $found->together,
            'tools' => array_map(static fn (string $tool, array $names): array => ['tool' => $tool, 'apart' => $names], array_keys($found->tools), array_values($found->tools)),
            'warnings' => $found->warnings(),
            'silent' => $found->silent,
        ];
    }
}
