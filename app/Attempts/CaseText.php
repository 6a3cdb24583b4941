<?php

declare(strict_types=1);

namespace App\Attempts;

use App\Models\Assignment;
use App\Strings;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Variation\Variation;

/** What the customer says and what the job is called, with the place filled in that a variant has. */
final readonly class CaseText
{
    /** @return array{jobTitle: string, complaint: string} */
    public static function of(FaultCase $case): array
    {
        $channel = $case->faults[0]->channel ?? '';
        $place = $case->sound->hasChannel($channel) ? $case->sound->channel($channel)->place : null;
        if ($place === null || $place->side === '' || ! in_array($place->axle, ['front', 'rear'], true)) {
            return self::anywhere($case);
        }
        $fillings = [
            '{corner}' => Strings::text("variation.place.$place->axle-$place->side"),
            '{side}' => Strings::text("variation.side.$place->side"),
            '{axle}' => Strings::text("variation.axle.$place->axle"),
        ];

        return ['jobTitle' => strtr($case->jobTitle, $fillings), 'complaint' => strtr($case->complaint, $fillings)];
    }

    /** @return array{jobTitle: string, complaint: string} where any fault may be the cause, no place is told: one that were left out would tell what it is not */
    public static function told(FaultCase $case, ?Assignment $assignment): array
    {
        return $assignment?->variation === Variation::OtherFaults ? self::anywhere($case) : self::of($case);
    }

    /** @return array{jobTitle: string, complaint: string} for whoever has not begun, and may get it anywhere */
    public static function anywhere(FaultCase $case): array
    {
        $fillings = ['{corner}' => Strings::text('variation.some-corner'), '{side}' => Strings::text('variation.some-side'), '{axle}' => Strings::text('variation.some-axle')];

        return ['jobTitle' => strtr($case->jobTitle, $fillings), 'complaint' => strtr($case->complaint, $fillings)];
    }

    /** Whether they name a place in so many words: then the fault has to stay there. */
    public static function namesPlace(FaultCase $case): bool
    {
        $words = array_map(static fn (string $word): string => preg_quote(trim($word), '/'), explode(',', Strings::text('variation.place-words')));

        return preg_match('/\b('.implode('|', $words).')\b/iu', "$case->jobTitle $case->complaint") === 1;
    }
}
