<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Strings;

/** What a mark is kept with, so that it can be argued about later: the rule as told, the entry beside what was shown, what else was open. */
final readonly class MarkEvidence
{
    /**
     * @param  array{marks: list<array<string, mixed>>, repairs: list<array<string, mixed>>}  $sheet
     * @return array<string, mixed> the same sheet, each mark with its "rule", "entry", "shown" and "rivals"
     */
    public static function added(array $sheet, Attempt $attempt): array
    {
        $actions = $attempt->actions->keyBy('number');
        $rivals = array_column($sheet['repairs'], 'rivals', 'step');
        $sheet['marks'] = array_map(static function (array $mark) use ($actions, $rivals): array {
            $entry = $actions->get($mark['step'] ?? 0)?->action;
            $entry = ($entry['do'] ?? '') === 'write-reading' ? $entry : null;

            return $mark + [
                'rule' => Strings::text("criterion.$mark[criterion].rule"),
                'entry' => $entry,
                'shown' => $entry === null ? null : self::shown($actions->get($entry['of']), $entry['feature']),
                'rivals' => $rivals[$mark['step'] ?? 0] ?? [],
            ];
        }, $sheet['marks']);

        return $sheet;
    }

    private static function shown(?AttemptAction $step, string $feature): mixed
    {
        return $step?->observation['values'][$feature] ?? null;
    }
}
