<?php

declare(strict_types=1);

namespace Lernfall\Bay\Power;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;

/** How fast wheels turn that the idling engine drives on stands, and how long they are watched. */
final readonly class Idling implements Equipment
{
    public function __construct(public float $metresPerSecond, public float $watchedSeconds)
    {
    }

    public static function read(Node $workshop): static
    {
        $idling = $workshop->at('idling');

        return new self($idling->float('kilometresPerHour') / 3.6, $idling->float('watchedSeconds'));
    }
}
