<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\CurrentSensor;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\SwitchSensor;

/** Faults inside the sensor, and on its tip. */
final readonly class SensorFaults
{
    /** Of the ring's effect, felt from the side; from memory. */
    private const SIDEWAYS_SHARE = 0.07;

    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            new FaultKind('coil-open', 'sensor', 'open', 'none', false, FaultKind::PASSIVE, self::coil(
                static fn (PassiveSensor $sensor, float $strength): PassiveSensor => $sensor->broken(),
            )),
            new FaultKind('coil-shorted', 'sensor', 'shorted', 'share', false, FaultKind::PASSIVE, self::coil(
                static fn (PassiveSensor $sensor, float $share): PassiveSensor => $sensor->partlyShorted($share),
            )),
            new FaultKind('coil-grounded', 'sensor', 'to-ground', 'ohms', false, FaultKind::PASSIVE, self::coil(
                static fn (PassiveSensor $sensor, float $ohms): PassiveSensor => $sensor->leakingToHousing($ohms),
            )),
            new FaultKind('coil-opens-hot', 'sensor', 'open', 'none', false, FaultKind::PASSIVE, self::coil(
                static fn (PassiveSensor $sensor): PassiveSensor => $sensor->broken(),
            ), Provocation::Heat),
            new FaultKind('pigtail-broken', 'sensor', 'cable-broken', 'none', false, [], self::silenced(...), Provocation::WiggleCable),
            new FaultKind('sensor-wrong-part', 'sensor', 'wrong-part', 'share', false, [], self::exchanged(...)),
            new FaultKind('sensor-other-direction', 'sensor', 'wrong-part', 'none', false, [...FaultKind::PASSIVE, ...FaultKind::TWO_WIRE], self::sideways(...)),
            new FaultKind('tip-dusty', 'sensor', 'dusty', 'share', false, [], static fn (Channel $channel, string $conductor, float $share): Channel => $channel->withTipDust($share)),
            self::electronics('sensor-dead', 'dead', Electronics::Dead),
            self::electronics('sensor-shorted', 'shorted', Electronics::Shorted),
            self::electronics('sensor-stuck-low', 'stuck', Electronics::StuckLow),
            self::electronics('sensor-stuck-high', 'stuck', Electronics::StuckHigh),
        ];
    }

    /** A part that reads along the axle instead of across it, or the other way round: it feels little of the ring. */
    private static function sideways(Channel $channel): Channel
    {
        $sensor = $channel->sensor;

        return $sensor instanceof PassiveSensor || $sensor instanceof CurrentSensor
            ? $channel->withSensor($sensor->ofOtherMake(1.0)->scaled(1.0, self::SIDEWAYS_SHARE))
            : $channel;
    }

    /** Its cable is broken inside the insulation. */
    private static function silenced(Channel $channel): Channel
    {
        $sensor = $channel->sensor;

        return match (true) {
            $sensor instanceof PassiveSensor => $channel->withSensor($sensor->broken()),
            $sensor instanceof CurrentSensor, $sensor instanceof SwitchSensor => $channel->withSensor($sensor->with(Electronics::Dead)),
            default => $channel,
        };
    }

    /** Somebody has fitted a part for another car. */
    private static function exchanged(Channel $channel, string $conductor, float $share): Channel
    {
        $sensor = $channel->sensor;

        return match (true) {
            $sensor instanceof PassiveSensor, $sensor instanceof CurrentSensor => $channel->withSensor($sensor->ofOtherMake($share)),
            $sensor instanceof SwitchSensor => $channel->withSensor($sensor->ofOtherMake()),
            default => $channel,
        };
    }

    private static function electronics(string $id, string $defect, Electronics $electronics): FaultKind
    {
        return new FaultKind($id, 'sensor', $defect, 'none', false, FaultKind::ACTIVE, static fn (Channel $channel): Channel => match (true) {
            $channel->sensor instanceof CurrentSensor, $channel->sensor instanceof SwitchSensor => $channel->withSensor($channel->sensor->with($electronics)),
            default => $channel,
        });
    }

    /**
     * @param  Closure(PassiveSensor, float): PassiveSensor  $change
     * @return Closure(Channel, string, float): Channel
     */
    private static function coil(Closure $change): Closure
    {
        return static fn (Channel $channel, string $conductor, float $strength): Channel => $channel->sensor instanceof PassiveSensor
            ? $channel->withSensor($change($channel->sensor, $strength))
            : $channel;
    }
}
