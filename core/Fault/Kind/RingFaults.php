<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Fault\FaultScope;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\ToothedRing;

/** Faults of the ring and of the gap in front of it. */
final readonly class RingFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            new FaultKind('gap-large', 'gap', 'too-large', 'metres', false, static fn (Channel $channel, string $conductor, float $metres): Channel => $channel->withGap(
                $channel->wheelEnd->gapMetres + $metres,
            )),
            self::ring('tooth-missing', 'tooth-missing', 'teeth', static fn (ToothedRing $ring, float $teeth): ToothedRing => $ring->withMissingTeeth((int) round($teeth)), self::toothed(...)),
            self::ring('tooth-chipped', 'tooth-chipped', 'teeth', static fn (ToothedRing $ring, float $teeth): ToothedRing => $ring->withChippedTeeth((int) round($teeth)), self::toothed(...)),
            self::ring('ring-cracked', 'cracked', 'share', static fn (ToothedRing $ring, float $pitches): ToothedRing => $ring->cracked($pitches)),
            self::ring('ring-bent', 'bent', 'metres', static fn (ToothedRing $ring, float $metres): ToothedRing => $ring->bent($metres)),
            self::ring('ring-lifted', 'lifted', 'metres', static fn (ToothedRing $ring, float $metres): ToothedRing => $ring->lifted($metres), self::toothed(...)),
            self::ring('ring-swollen', 'swollen', 'share', static fn (ToothedRing $ring, float $share): ToothedRing => $ring->swollen($share), self::toothed(...)),
            self::ring('ring-loose', 'loose', 'none', static fn (ToothedRing $ring): ToothedRing => $ring->loosened()),
            self::ring('ring-wrong', 'wrong-count', 'teeth', static fn (ToothedRing $ring, float $more): ToothedRing => $ring->withTeeth($ring->teeth + (int) round($more))),
            self::ring('encoder-damaged', 'damaged-poles', 'teeth', static fn (ToothedRing $ring, float $poles): ToothedRing => $ring->withMissingTeeth((int) round($poles)), self::encoder(...)),
            self::ring('bearing-reversed', 'turned-away', 'none', static fn (ToothedRing $ring): ToothedRing => $ring->turnedAway(), self::encoder(...)),
            new FaultKind('bearing-play', 'gap', 'bearing-play', 'metres', false, static fn (Channel $channel, string $conductor, float $metres): Channel => $channel->withBearingPlay($metres)),
            new FaultKind('sensor-loose', 'gap', 'sensor-loose', 'metres', false, static fn (Channel $channel, string $conductor, float $metres): Channel => $channel->withGap(
                $channel->wheelEnd->gapMetres + $metres,
            ), Provocation::Vibration),
            self::ring('ring-dirty', 'dirty', 'share', static fn (ToothedRing $ring, float $share): ToothedRing => $ring->dirty($share)),
        ];
    }

    /**
     * @param  Closure(ToothedRing, float): ToothedRing  $change
     * @param  ?Closure(Channel): bool  $where
     */
    private static function ring(string $id, string $defect, string $unit, Closure $change, ?Closure $where = null): FaultKind
    {
        return new FaultKind($id, 'ring', $defect, $unit, false, static fn (Channel $channel, string $conductor, float $strength): Channel => $channel->withRing(
            $change($channel->wheelEnd->ring, $strength),
        ), scope: new FaultScope(where: $where));
    }

    private static function toothed(Channel $channel): bool
    {
        return ! $channel->wheelEnd->ring->isEncoder;
    }

    private static function encoder(Channel $channel): bool
    {
        return $channel->wheelEnd->ring->isEncoder;
    }
}
