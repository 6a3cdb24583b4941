<?php

declare(strict_types=1);

namespace Lernfall\Road;

/** A free drive, whole and part by part. */
final readonly class FreeRecord
{
    /** @param  list<array{FreePart, RoadRecord}>  $parts  as far as they were driven */
    public function __construct(public RoadRecord $whole, public array $parts)
    {
    }

    public function isControlled(): bool
    {
        return $this->whole->isControlled();
    }
}
