<?php

declare(strict_types=1);

namespace Lernfall\Bay\Workshop;

use Lernfall\Document\InvalidDocument;
use Lernfall\Document\Node;

/** Something in the workshop with figures of its own: an instrument, the eyes, the hands. */
interface Equipment
{
    /**
     * @param  Node  $workshop  the whole workshop file
     *
     * @throws InvalidDocument
     */
    public static function read(Node $workshop): static;
}
