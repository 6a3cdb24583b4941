<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Bay\Contract\Action;
use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;

/** A list of actions to be played against a case. */
final readonly class Script
{
    public const FORMAT = 'lernfall-script/2';

    /** Written when a look told what is wrong; its actions are all read still. */
    private const BEFORE = 'lernfall-script/1';

    /** @param  list<Action>  $actions */
    private function __construct(public string $seed, public array $actions)
    {
    }

    /** @throws InvalidDocument */
    public static function read(mixed $document): self
    {
        $root = Node::root($document);
        if (! in_array($root->text('format'), [self::FORMAT, self::BEFORE], true)) {
            throw $root->at('format')->wrong('format', ['format' => self::FORMAT]);
        }

        return new self(
            $root->has('seed') ? $root->text('seed') : 'rehearsal',
            array_values(array_map(ActionReader::from(...), $root->entries('actions'))),
        );
    }
}
