<?php

declare(strict_types=1);

namespace Lernfall\Road;

use Lernfall\Quantity;

/** A drive put together from parts, from a standstill. */
final readonly class FreeTask
{
    /**
     * @param  non-empty-list<FreePart>  $parts
     * @param  float  $mostMetresPerSecond  at which the driver lifts the foot off the throttle
     */
    public function __construct(public Track $track, public array $parts, public float $mostMetresPerSecond)
    {
        Quantity::positive(['mostMetresPerSecond' => $mostMetresPerSecond]);
    }

    public function text(): string
    {
        return implode(' ', [$this->track->text(), $this->mostMetresPerSecond, ...array_map(static fn (FreePart $one): string => $one->text(), $this->parts)]);
    }
}
