<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;

/** Faults of the ring and of the gap in front of it. */
final readonly class RingFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            new FaultKind('gap-large', 'gap', 'too-large', 'metres', false, [], static fn (Channel $channel, string $conductor, float $metres): Channel => $channel->withGap(
                $channel->gapMetres + $metres,
            )),
            new FaultKind('tooth-missing', 'ring', 'tooth-missing', 'teeth', false, [], static fn (Channel $channel, string $conductor, float $teeth): Channel => $channel->withRing(
                $channel->ring->withMissingTeeth((int) round($teeth)),
            )),
        ];
    }
}
