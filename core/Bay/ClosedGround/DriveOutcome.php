<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Road\Felt;

/** What a drive on closed ground showed, and what it leaves in the car. */
final readonly class DriveOutcome
{
    /**
     * @param  non-empty-list<array<string, string>>  $tries  words of each try, by what they are about
     * @param  array<string, float>  $left  cubic centimetres in the accumulators, by circuit
     */
    public function __construct(public array $tries, public array $left = [])
    {
    }

    public function felt(): Felt
    {
        return Felt::by($this->tries);
    }
}
