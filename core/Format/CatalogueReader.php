<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;
use Lernfall\Fault\Symptom;
use Lernfall\Vehicle\Provocation;

/** Reads what is tunable about the fault catalogue from its decoded JSON. */
final readonly class CatalogueReader
{
    /** @throws InvalidDocument */
    public static function read(mixed $document): Catalogue
    {
        $faults = Node::root($document)->at('faults');
        $entries = [];
        foreach (Catalogue::kinds() as $kind) {
            $node = $faults->at($kind->id);
            $strengths = array_map(static fn (int $key): float => $node->at('strengths')->float($key), array_keys(array_values($node->entries('strengths'))));
            $entries[$kind->id] = new CatalogueEntry(
                $kind,
                $node->float('prior'),
                $node->float('least'),
                $node->float('greatest'),
                $strengths === [] ? throw $node->at('strengths')->wrong('a-strength') : $strengths,
            );
        }

        $root = Node::root($document);

        return new Catalogue($entries, self::symptoms($root->at('symptoms'), array_keys($entries)), $root->has('alike') ? self::groups($root, array_keys($entries)) : []);
    }

    /**
     * @param  list<string>  $kinds
     * @return list<list<string>>
     */
    private static function groups(Node $root, array $kinds): array
    {
        $groups = [];
        foreach (array_keys($root->entries('alike')) as $number) {
            $group = $root->at('alike')->texts($number);
            $groups[] = array_diff($group, $kinds) === [] ? $group : throw $root->at('alike')->at($number)->wrong('out-of', ['choices' => implode(', ', $kinds)]);
        }

        return $groups;
    }

    /**
     * @param  list<string>  $kinds
     * @return array<string, Symptom>
     */
    private static function symptoms(Node $node, array $kinds): array
    {
        $symptoms = [];
        foreach (array_keys($node->items()) as $id) {
            $one = $node->at($id);
            $symptoms[(string) $id] = new Symptom(
                (string) $id,
                $one->has('factors') ? self::factors($one->at('factors'), [...$kinds, Symptom::NOTHING]) : [],
                $one->has('under') ? $one->choice('under', Provocation::class) : null,
                $one->has('under') ? $one->float('underFactor') : 1.0,
                $one->has('doubtsPedal') && $one->bool('doubtsPedal'),
            );
        }

        return $symptoms;
    }

    /**
     * @param  list<string>  $kinds
     * @return array<string, float>
     */
    private static function factors(Node $node, array $kinds): array
    {
        $factors = [];
        foreach (array_keys($node->items()) as $kind) {
            $factors[(string) $kind] = in_array((string) $kind, $kinds, true) && $node->float($kind) > 0.0 ? $node->float($kind) : throw $node->at($kind)->wrong('factor');
        }

        return $factors;
    }
}
