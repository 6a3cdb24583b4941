<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

use Lernfall\Quantity;

/** What is wrong with the module's feed. */
final readonly class FeedFaults
{
    /**
     * @param  ?float  $relayOhms  of a burnt relay contact, in its place; null where it is as it should be
     * @param  ?float  $rustOhms  under the ground screw, in addition; null where it is clean
     */
    public function __construct(
        public bool $fuseBlown = false,
        public ?float $relayOhms = null,
        public ?float $rustOhms = null,
    ) {
        Quantity::notNegative(['relayOhms' => $this->relayOhms ?? 0.0, 'rustOhms' => $this->rustOhms ?? 0.0]);
    }
}
