<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\LeftCode;
use Lernfall\Vehicle\Vehicle;

/** Causes of a complaint where no part of the system is at fault. */
final readonly class NoFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            self::leftBehind('old-code', 'old-code', 'open'),
            self::leftBehind('spun-on-lift', 'spun-on-lift', 'no-signal'),
            new FaultKind('tyre-other-size', 'nothing', 'tyre-size', 'share', false, static fn (Channel $channel, string $conductor, float $share): Channel => $channel->withTyreFactor($share)),
            new FaultKind('tyre-soft', 'nothing', 'tyre-soft', 'share', false, static fn (Channel $channel, string $conductor, float $share): Channel => $channel->withTyreSoft($share)),
        ];
    }

    /** A code from earlier work: a sensor unplugged with the key on, wheels spun on the lift. */
    private static function leftBehind(string $id, string $defect, string $failure): FaultKind
    {
        return new FaultKind(
            $id, 'nothing', $defect, 'none', false, static fn (Channel $channel): Channel => $channel,
            carChange: self::remembering($failure),
        );
    }

    /** @return Closure(Vehicle, string, float): Vehicle */
    private static function remembering(string $failure): Closure
    {
        return static fn (Vehicle $vehicle, string $channel): Vehicle => $vehicle->withLeftCodes([...$vehicle->leftCodes, new LeftCode($channel, $failure)]);
    }
}
