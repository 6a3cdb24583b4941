<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Fault\FaultScope;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Leak;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Wire;

/** Faults of the wires between the plugs: of the loom, and of an extension cable where there is one. */
final readonly class LoomFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            new FaultKind('loom-open', 'loom', 'open', 'none', true, self::wire(static fn (Wire $wire, float $strength): Wire => $wire->snapped())),
            new FaultKind('loom-resistive', 'loom', 'resistive', 'ohms', true, self::wire(static fn (Wire $wire, float $ohms): Wire => $wire->thinned($ohms))),
            new FaultKind('loom-grounded', 'loom', 'to-ground', 'ohms', true, self::wire(static fn (Wire $wire, float $ohms): Wire => $wire->leaking(Leak::toBody($ohms)))),
            new FaultKind('loom-to-supply', 'loom', 'to-supply', 'ohms', true, self::wire(static fn (Wire $wire, float $ohms): Wire => $wire->leaking(Leak::toSupply($ohms)))),
            new FaultKind('loom-chafed', 'loom', 'to-ground', 'ohms', true, self::chafed(...), Provocation::SteeringLeft),
            new FaultKind('loom-untwisted', 'loom', 'untwisted', 'none', false, static fn (Channel $channel): Channel => $channel->withLink(
                $channel->cable('loom')->untwisted(),
            )),
            new FaultKind('extension-open', 'extension', 'open', 'none', true, static fn (Channel $channel, string $conductor): Channel => $channel->withLink(
                $channel->cable('extension')->withWire($conductor, $channel->cable('extension')->wires[$conductor]->snapped()),
            ), scope: new FaultScope(where: static fn (Channel $channel): bool => $channel->has('extension'))),
            new FaultKind('loom-wires-together', 'loom', 'wires-together', 'ohms', false, static fn (Channel $channel, string $conductor, float $ohms): Channel => $channel->withLink(
                $channel->cable('loom')->bridged($ohms),
            )),
        ];
    }

    /** Out of its holders it has rubbed through, and goes on rubbing until it is laid clear. */
    private static function chafed(Channel $channel, string $conductor, float $ohms): Channel
    {
        $loom = $channel->cable('loom');

        return $channel->withLink($loom->withWire($conductor, $loom->wires[$conductor]->leaking(Leak::toBody($ohms)))->misrouted(true));
    }

    /**
     * @param  Closure(Wire, float): Wire  $change
     * @return Closure(Channel, string, float): Channel
     */
    private static function wire(Closure $change): Closure
    {
        return static fn (Channel $channel, string $conductor, float $strength): Channel => $channel->withLink(
            $channel->cable('loom')->withWire($conductor, $change($channel->cable('loom')->wires[$conductor], $strength)),
        );
    }
}
