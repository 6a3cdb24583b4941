<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Road\Felt;

/** What a stop showed, and what it leaves in the car. */
final readonly class StopOutcome
{
    /** @param  array<string, float>  $left  cubic centimetres in the accumulators, by circuit */
    public function __construct(public Felt $felt, public array $left)
    {
    }
}
