<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Marking\Marker;
use Lernfall\Marking\Policy;

/** Reads a marking policy from its decoded JSON. */
final readonly class PolicyReader
{
    /** Criteria that older policies do not know; there they weigh nothing. */
    private const LATER = ['judgement', 'reasoning'];

    private const NEEDLESS_REPAIR = 120.0;

    private const MARGIN = 0.1;

    private const COUNSEL = [2.0, 3.0];

    /** @throws InvalidDocument */
    public static function read(Node $node): Policy
    {
        $weights = [];
        $list = $node->at('weights');
        foreach (Marker::criterionIds() as $criterion) {
            $weights[$criterion] = $list->has($criterion) || ! in_array($criterion, self::LATER, true) ? $list->int($criterion) : 0;
            if ($weights[$criterion] < 0) {
                throw $list->at($criterion)->wrong('no points or more');
            }
        }
        $minutes = $node->float('diagnosisMinutes');

        return $minutes > 0.0 ? new Policy($weights, $minutes, $node->has('needlessRepair') ? $node->float('needlessRepair') : self::NEEDLESS_REPAIR, $node->has('margin') ? $node->float('margin') : self::MARGIN, self::demandsReading($node), self::counselPoints($node)) : throw $node->at('diagnosisMinutes')->wrong('minutes above zero');
    }

    /** By which rule a part may be replaced. */
    private static function demandsReading(Node $node): bool
    {
        return match ($node->has('replacing') ? $node->text('replacing') : 'arithmetic') {
            'arithmetic' => false,
            'reading' => true,
            default => throw $node->at('replacing')->wrong('arithmetic or reading'),
        };
    }

    /** @return array<string, float> by what is asked */
    private static function counselPoints(Node $node): array
    {
        return $node->has('counsel')
            ? ['possible' => $node->at('counsel')->float('possible'), 'next' => $node->at('counsel')->float('next')]
            : ['possible' => self::COUNSEL[0], 'next' => self::COUNSEL[1]];
    }
}
