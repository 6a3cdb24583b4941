<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Rooms;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;

/** Reads an action from its decoded JSON; docs/schemas/action.schema.json describes it. */
final readonly class ActionReader
{
    /** @throws InvalidDocument */
    public static function read(mixed $document): Action
    {
        return self::from(Node::root($document));
    }

    /** @throws InvalidDocument */
    public static function from(Node $node): Action
    {
        return Rooms::procedures()->decode($node);
    }
}
