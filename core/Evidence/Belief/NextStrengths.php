<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Belief;

/** Strengths next to a likely one of the same fault, which are followed with it though nobody believes in them. */
final readonly class NextStrengths
{
    /**
     * @param  list<HypothesisBranch>  $ways
     * @param  list<bool>  $likely  by way
     * @return list<bool> by way: which are likely, or the likeliest way of a strength next to one that is
     */
    public static function with(array $ways, array $likely, Hypotheses $hypotheses): array
    {
        $followed = $likely;
        foreach (self::families($ways, $hypotheses) as $strengths) {
            usort($strengths, static fn (array $one, array $other): int => $one[0] <=> $other[0]);
            $isLikely = array_map(static fn (array $one): bool => in_array(true, array_intersect_key($likely, array_flip($one[1])), true), $strengths);
            foreach ($strengths as $place => [, $indexes]) {
                if (! $isLikely[$place] && (($isLikely[$place - 1] ?? false) || ($isLikely[$place + 1] ?? false))) {
                    usort($indexes, static fn (int $one, int $other): int => $ways[$other]->weight() <=> $ways[$one]->weight());
                    $followed[$indexes[0]] = true;
                }
            }
        }

        return array_values($followed);
    }

    /**
     * @param  list<HypothesisBranch>  $ways
     * @return array<string, list<array{float, non-empty-list<int>}>> strengths with the places of their ways, by family
     */
    private static function families(array $ways, Hypotheses $hypotheses): array
    {
        $families = [];
        foreach ($ways as $index => $way) {
            $hypothesis = $hypotheses->all[$way->hypothesis];
            $strength = $hypothesis->strength();
            if ($strength !== null) {
                $families[$hypothesis->family()][(string) $strength] ??= [$strength, []];
                $families[$hypothesis->family()][(string) $strength][1][] = $index;
            }
        }

        return array_map(array_values(...), $families);
    }
}
