<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Lernfall\Fault\FaultKind;
use Lernfall\Fault\FaultScope;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\SensorDefect;

/** Faults inside the sensor, and on its tip. */
final readonly class SensorFaults
{
    /** Of the ring's effect, felt from the side; from memory. */
    private const SIDEWAYS_SHARE = 0.07;

    /** Whether a sensor can have a defect at all does not depend on its strength. */
    private const ANY_STRENGTH = 0.5;

    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            self::inside('coil-open', 'open', 'none', SensorDefect::CoilOpen),
            self::inside('coil-shorted', 'shorted', 'share', SensorDefect::CoilShorted),
            self::inside('coil-grounded', 'to-ground', 'ohms', SensorDefect::CoilGrounded),
            self::inside('coil-opens-hot', 'open', 'none', SensorDefect::CoilOpen, Provocation::Heat),
            self::inside('pigtail-broken', 'cable-broken', 'none', SensorDefect::CableBroken, Provocation::WiggleCable),
            self::inside('sensor-wrong-part', 'wrong-part', 'share', SensorDefect::OtherMake),
            self::inside('sensor-other-make', 'other-make', 'share', SensorDefect::OtherWinding),
            self::inside('sensor-other-direction', 'wrong-part', 'none', SensorDefect::OtherDirection, strength: self::SIDEWAYS_SHARE),
            new FaultKind('tip-dusty', 'sensor', 'dusty', 'share', false, static fn (Channel $channel, string $conductor, float $share): Channel => $channel->withTipDust($share)),
            self::inside('sensor-dead', 'dead', 'none', SensorDefect::Dead),
            self::inside('sensor-shorted', 'shorted', 'none', SensorDefect::Shorted),
            self::inside('sensor-stuck-low', 'stuck', 'none', SensorDefect::StuckLow),
            self::inside('sensor-stuck-high', 'stuck', 'none', SensorDefect::StuckHigh),
        ];
    }

    /** @param  ?float  $strength  of the defect; null for that of the fault */
    private static function inside(string $id, string $named, string $unit, SensorDefect $defect, ?Provocation $nature = null, ?float $strength = null): FaultKind
    {
        return new FaultKind(
            $id, 'sensor', $named, $unit, false,
            static fn (Channel $channel, string $conductor, float $ofFault): Channel => $channel->withSensor($channel->sensor->suffering($defect, $strength ?? $ofFault) ?? $channel->sensor),
            $nature,
            scope: new FaultScope(where: static fn (Channel $channel): bool => $channel->sensor->suffering($defect, self::ANY_STRENGTH) !== null),
        );
    }
}
