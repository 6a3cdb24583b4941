<?php

declare(strict_types=1);

namespace Lernfall\Bay\Workshop;

/** What an action costs. */
final readonly class Rate
{
    public function __construct(public float $minutes, public float $money)
    {
    }
}
