<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** How a channel is while something provokes it. */
final readonly class Acting
{
    public function __construct(public Provocation $provocation, public Channel $channel)
    {
    }
}
