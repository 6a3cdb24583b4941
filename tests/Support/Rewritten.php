<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Bay\Worksheet\WriteReading;

/** A job's actions with some left out, changed or added: what refers to a step by its number still means the same one. */
final class Rewritten
{
    /**
     * @param  list<array{?int, Action}>  $items  each with the number it had before; null for one that is new
     * @return list<Action>
     */
    public static function actions(array $items): array
    {
        [$items, $numbers] = self::numbered($items);

        return array_map(static fn (array $item): Action => match (true) {
            $item[1] instanceof WriteReading => new WriteReading($numbers[$item[1]->of], $item[1]->feature, $item[1]->value, $item[1]->unit, $item[1]->word, $item[1]->judgement, $item[1]->comparedWith),
            $item[1] instanceof NameCause => new NameCause($item[1]->channel, $item[1]->station, $item[1]->defect, array_values(array_filter(array_map(static fn (int $one): int => $numbers[$one] ?? 0, $item[1]->supports))), $item[1]->expects),
            default => $item[1],
        }, $items);
    }

    /**
     * Entries of what is not shown any more go as well.
     *
     * @param  list<array{?int, Action}>  $items
     * @return array{list<array{?int, Action}>, array<int, int>} and the new number by the old one
     */
    private static function numbered(array $items): array
    {
        do {
            $numbers = [];
            foreach ($items as $place => [$old]) {
                if ($old !== null) {
                    $numbers[$old] = $place + 1;
                }
            }
            $count = count($items);
            $items = array_values(array_filter($items, static fn (array $item): bool => ! $item[1] instanceof WriteReading || isset($numbers[$item[1]->of])));
        } while (count($items) < $count);

        return [$items, $numbers];
    }
}
