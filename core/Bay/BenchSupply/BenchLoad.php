<?php

declare(strict_types=1);

namespace Lernfall\Bay\BenchSupply;

use Lernfall\Bay\Workshop\Equipment;
use Lernfall\Document\Node;

/** The resistor that goes with the bench supply, in the return of a two-wire sensor. */
final readonly class BenchLoad implements Equipment
{
    public function __construct(public float $ohms)
    {
    }

    public static function read(Node $workshop): static
    {
        return new self($workshop->float('benchLoadOhms'));
    }
}
