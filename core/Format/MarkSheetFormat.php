<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Marking\Mark;
use Lernfall\Marking\MarkSheet;

/** A mark sheet as JSON: points with message keys, to be put into words at the edge. */
final readonly class MarkSheetFormat
{
    /** @return array{points: float, outOf: int, marks: list<array<string, mixed>>} */
    public static function write(MarkSheet $sheet): array
    {
        return [
            'points' => $sheet->points(),
            'outOf' => $sheet->outOf(),
            'marks' => array_map(static fn (Mark $mark): array => [
                'criterion' => $mark->criterion,
                'points' => $mark->points,
                'outOf' => $mark->outOf,
                'step' => $mark->verdict->step,
                'reason' => $mark->verdict->reason,
                'parameters' => (object) $mark->verdict->parameters,
                'remedy' => $mark->verdict->remedy,
            ], $sheet->marks),
        ];
    }
}
