<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** A code that somebody's earlier work has left in the module. */
final readonly class LeftCode
{
    /** @param  string  $failure  as the module names it, for example "open" */
    public function __construct(public string $channel, public string $failure)
    {
    }
}
