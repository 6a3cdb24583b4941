<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;
use Lernfall\Evidence\Variation\VariationLimits;

/** Reads how near variants of a case have to come to it from decoded JSON. */
final readonly class VariationReader
{
    public const FORMAT = 'lernfall-variation/1';

    /** @throws InvalidDocument */
    public static function read(mixed $document): VariationLimits
    {
        $root = Node::root($document);
        if ($root->text('format') !== self::FORMAT) {
            throw $root->at('format')->wrong('format', ['format' => self::FORMAT]);
        }

        return new VariationLimits($root->float('parShare'), $root->float('otherParShare'), $root->float('strengthFactor'), $root->int('wanted'), $root->int('mostTried'));
    }
}
