<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Fault\Catalogue;
use Lernfall\Fault\CatalogueEntry;

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

        return new Catalogue($entries);
    }
}
