<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Rooms;
use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Bay\Workshop\Rate;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;

/** Reads a workshop (what stands in it, times and prices) from its decoded JSON. */
final readonly class WorkshopReader
{
    /** @throws InvalidDocument */
    public static function read(mixed $document): Workshop
    {
        $root = Node::root($document);
        $rates = [];
        foreach ($root->entries('rates') as $name => $node) {
            $rates[(string) $name] = new Rate($node->float(0), $node->float(1));
        }

        return Workshop::with(
            array_map(static fn (string $kind): Equipment => $kind::read($root), Rooms::procedures()->equipment()),
            $root->float('hubHalfLifeMinutes'),
            $root->float('costPerMinute'),
            $rates,
        );
    }
}
