<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\ToothedRing;

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
            self::ring('tooth-missing', 'tooth-missing', 'teeth', static fn (ToothedRing $ring, float $teeth): ToothedRing => $ring->withMissingTeeth((int) round($teeth))),
            self::ring('tooth-chipped', 'tooth-chipped', 'teeth', static fn (ToothedRing $ring, float $teeth): ToothedRing => $ring->withChippedTeeth((int) round($teeth))),
            self::ring('ring-cracked', 'cracked', 'share', static fn (ToothedRing $ring, float $pitches): ToothedRing => $ring->cracked($pitches)),
            self::ring('ring-bent', 'bent', 'metres', static fn (ToothedRing $ring, float $metres): ToothedRing => $ring->bent($metres)),
            self::ring('ring-dirty', 'dirty', 'share', static fn (ToothedRing $ring, float $share): ToothedRing => $ring->dirty($share)),
        ];
    }

    /** @param  Closure(ToothedRing, float): ToothedRing  $change */
    private static function ring(string $id, string $defect, string $unit, Closure $change): FaultKind
    {
        return new FaultKind($id, 'ring', $defect, $unit, false, [], static fn (Channel $channel, string $conductor, float $strength): Channel => $channel->withRing(
            $change($channel->ring, $strength),
        ));
    }
}
