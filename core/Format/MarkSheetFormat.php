<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Evidence\Belief\Possible;
use Lernfall\Marking\Mark;
use Lernfall\Marking\MarkSheet;
use Lernfall\Marking\RepairReview;
use Lernfall\Marking\StationReview;
use Lernfall\Vehicle\Vehicle;

/** A mark sheet as JSON: points with message keys, to be put into words at the edge. */
final readonly class MarkSheetFormat
{
    /** @return array{points: float, outOf: int, marks: list<array<string, mixed>>, repairs: list<array<string, mixed>>, possible: list<array<string, mixed>>, mistakes: list<array{id: string, step: int}>, stations: list<array<string, mixed>>, counsel: list<array{step: int, about: string, points: float}>, cap: ?array{step: int, points: float}} */
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
            'repairs' => array_map(self::review(...), $sheet->reviews),
            'possible' => array_map(static fn (Possible $possible): array => [
                'step' => $possible->step, 'open' => $possible->open, 'foremost' => LikelyFormat::write($possible->foremost),
            ], $sheet->possible),
            'mistakes' => array_map(static fn (string $id, int $step): array => ['id' => $id, 'step' => $step], array_keys($sheet->mistakes), array_values($sheet->mistakes)),
            'stations' => array_map(static fn (StationReview $review): array => [
                'channel' => $review->channel, 'station' => $review->station, 'mark' => $review->mark->value, 'chance' => round($review->chance, 4), 'verdict' => $review->verdict(),
            ], $sheet->stations),
            'counsel' => $sheet->counsel,
            'cap' => $sheet->cap === null ? null : ['step' => $sheet->cap->step, 'points' => $sheet->cap->points],
        ];
    }

    /** @return array<string, mixed> */
    private static function review(RepairReview $review): array
    {
        return [
            'step' => $review->step,
            'kind' => $review->repair->kind->value ?? 'none',
            'channel' => $review->repair->channel ?? Vehicle::WHOLE,
            'verdict' => $review->verdict(),
            'byCard' => round($review->prospects->byCard, 4),
            'byShown' => round($review->prospects->byShown, 4),
            'rivals' => LikelyFormat::write($review->prospects->rivals),
            'costNow' => round($review->prospects->costNow),
            'costOfTesting' => $review->prospects->costOfTesting === null ? null : round($review->prospects->costOfTesting),
            'test' => $review->prospects->betterTest === null ? null : TrialFormat::write($review->prospects->betterTest),
        ];
    }
}
