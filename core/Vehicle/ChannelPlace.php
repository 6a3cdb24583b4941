<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** Where a channel's sensor sits, and what it watches. */
final readonly class ChannelPlace
{
    /**
     * @param  list<string>  $wheels  the wheels it watches; none for a shaft or the body
     * @param  string  $axle  "front" or "rear", or another place such as "shaft"
     * @param  string  $side  "left" or "right", as seen sitting in the car facing forward; "" where it has none
     * @param  bool  $handed  its sensor does not fit the other side
     */
    public function __construct(public array $wheels, public string $axle, public string $side, public bool $handed = false)
    {
    }
}
