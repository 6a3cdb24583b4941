<?php

declare(strict_types=1);

namespace Lernfall\Fault\Kind;

use Closure;
use Lernfall\Fault\FaultKind;
use Lernfall\Fault\FaultScope;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\BrakeUnit;
use Lernfall\Vehicle\Brakes\WheelLine;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\PartState;
use Lernfall\Vehicle\Vehicle;

/** Faults of the brakes themselves: between pedal and unit, and between unit and wheel. */
final readonly class WheelBrakeFaults
{
    /** @return list<FaultKind> */
    public static function all(): array
    {
        return [
            self::ofLine('brake-line-leaking', 'leak', 'flow', static fn (WheelLine $line, float $flow): WheelLine => $line->leaking($flow), lowersFluid: true),
            self::ofLine('hose-collapsed', 'hose', 'flow', static fn (WheelLine $line, float $flow): WheelLine => $line->withHose($flow)),
            self::ofLine('caliper-seized', 'caliper', 'newton-metres', static fn (WheelLine $line, float $newtonMetres): WheelLine => $line->withBrake($line->brake->dragging($newtonMetres))),
            self::ofLine('slide-pins-seized', 'slide-pins', 'share', static fn (WheelLine $line, float $share): WheelLine => $line->withBrake($line->brake->sliding($share))),
            self::ofLine('disc-uneven', 'disc', 'share', static fn (WheelLine $line, float $share): WheelLine => $line->withBrake($line->brake->uneven($share))),
            self::ofLine('linings-worn', 'linings', 'share', static fn (WheelLine $line, float $share): WheelLine => $line->withBrake($line->brake->worn($share)), lowersFluid: true),
            self::ofLine('lining-oily', 'linings', 'share', static fn (WheelLine $line, float $share): WheelLine => $line->withBrake($line->brake->gripping($line->brake->newtonMetresPerBar * $share))),
            self::ofLine('air-in-brake', 'air', 'cubic-centimetres', static fn (WheelLine $line, float $air): WheelLine => $line->withBrake($line->brake->withAir($air))),
            self::ofCar('master-bypassing', 'master-cylinder', 'flow', static fn (BrakeUnit $unit, float $flow): BrakeUnit => $unit->withMaster($unit->master->bypassing($flow))),
            self::ofCar('assistance-lost', 'servo', 'none', static fn (BrakeUnit $unit): BrakeUnit => $unit->withMaster($unit->master->withAssistance(1.0))),
        ];
    }

    /**
     * @param  Closure(WheelLine, float): WheelLine  $change
     * @param  bool  $lowersFluid  fluid has run out, or has followed the pistons: mending this is what it takes, filling up is not
     */
    private static function ofLine(string $id, string $defect, string $strength, Closure $change, bool $lowersFluid = false): FaultKind
    {
        return new FaultKind(
            $id, 'brakes', $defect, $strength, false, static fn (Channel $channel): Channel => $channel,
            carChange: static function (Vehicle $vehicle, string $channel, float $strong) use ($change, $lowersFluid): Vehicle {
                $changed = $vehicle->withUnit($vehicle->unit()->withLineTo($channel, static fn (WheelLine $line): WheelLine => $change($line, $strong)));

                return $lowersFluid && $vehicle->brakeParts->has(BrakeParts::FLUID) ? $changed->withBrakePart(BrakeParts::FLUID, PartState::Low) : $changed;
            },
            scope: new FaultScope(hasIt: static fn (Vehicle $vehicle): bool => isset($vehicle->brakeParts->unit->hydraulics->wheels[$vehicle->channelIds()[0]])),
        );
    }

    /** @param  Closure(BrakeUnit, float): BrakeUnit  $change */
    private static function ofCar(string $id, string $defect, string $strength, Closure $change): FaultKind
    {
        return FaultKind::ofTheWholeCar(
            $id, 'brakes', $defect, $strength,
            static fn (Vehicle $vehicle, float $strong): Vehicle => $vehicle->withUnit($change($vehicle->unit(), $strong)),
            static fn (Vehicle $vehicle): bool => $vehicle->brakeParts->unit !== null,
        );
    }
}
