<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Marking\Marker;
use Lernfall\Marking\Policy;

/** Reads a marking policy from its decoded JSON. */
final readonly class PolicyReader
{
    /** @throws InvalidDocument */
    public static function read(Node $node): Policy
    {
        $weights = [];
        $list = $node->at('weights');
        foreach (Marker::criterionIds() as $criterion) {
            $weights[$criterion] = $list->int($criterion);
            if ($weights[$criterion] < 0) {
                throw $list->at($criterion)->wrong('no points or more');
            }
        }
        $minutes = $node->float('diagnosisMinutes');

        return $minutes > 0.0 ? new Policy($weights, $minutes) : throw $node->at('diagnosisMinutes')->wrong('minutes above zero');
    }
}
