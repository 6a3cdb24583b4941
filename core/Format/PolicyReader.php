<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Marking\Marker;
use Lernfall\Marking\Policy;
use Lernfall\Marking\School\FirstTest;
use Lernfall\Marking\School\Schools;

/** Reads a marking policy from its decoded JSON. */
final readonly class PolicyReader
{
    /** Criteria that older policies do not know; there they weigh nothing. */
    private const LATER = ['judgement', 'reasoning', 'first-test'];

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
                throw $list->at($criterion)->wrong('points');
            }
        }
        $minutes = $node->float('diagnosisMinutes');
        $schools = $node->has('schools') ? SchoolsFormat::read($node->at('schools')) : new Schools;
        if (($weights['first-test'] > 0) !== ($schools->firstTest !== FirstTest::Free)) {
            throw $list->wrong('first-test-points');
        }

        return $minutes > 0.0 ? new Policy(
            $weights, $minutes, self::amount($node, 'needlessRepair', self::NEEDLESS_REPAIR), self::amount($node, 'margin', self::MARGIN),
            self::demandsReading($node), self::counselPoints($node),
            $schools, self::safetyCap($node),
        ) : throw $node->at('diagnosisMinutes')->wrong('minutes');
    }

    /** By which rule a part may be replaced. */
    private static function demandsReading(Node $node): bool
    {
        return match ($node->has('replacing') ? $node->text('replacing') : 'arithmetic') {
            'arithmetic' => false,
            'reading' => true,
            default => throw $node->at('replacing')->noneOf(['arithmetic', 'reading']),
        };
    }

    /** The share that an unsafe act leaves at most; null where the policy sets none. */
    private static function safetyCap(Node $node): ?float
    {
        $cap = $node->has('safetyCap') && ! $node->isNull('safetyCap') ? $node->float('safetyCap') : null;

        return $cap === null || ($cap >= 0.0 && $cap <= 1.0) ? $cap : throw $node->at('safetyCap')->wrong('share');
    }

    /** @return array<string, float> by what is asked */
    private static function counselPoints(Node $node): array
    {
        $counsel = $node->has('counsel') ? $node->at('counsel') : null;

        return [
            'possible' => $counsel === null ? self::COUNSEL[0] : self::amount($counsel, 'possible'),
            'next' => $counsel === null ? self::COUNSEL[1] : self::amount($counsel, 'next'),
        ];
    }

    /** @param  ?float  $otherwise  where it is left out; null where it must be there */
    private static function amount(Node $node, string $name, ?float $otherwise = null): float
    {
        $amount = $otherwise !== null && ! $node->has($name) ? $otherwise : $node->float($name);

        return $amount >= 0.0 ? $amount : throw $node->at($name)->wrong('nothing-or-more');
    }
}
