<?php

declare(strict_types=1);

namespace Lernfall\Signal;

/** The turning points of a shape, worked out when they are first asked for. */
final class TurningPoints
{
    /** @var ?list<array{float, float}> pitches and value */
    public ?array $known = null;
}
