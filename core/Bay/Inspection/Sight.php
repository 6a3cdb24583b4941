<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Vehicle;

/** Where one can look. */
enum Sight: string
{
    case Ring = 'ring';
    /** Of magnetic poles, through a viewing film held to the ring. */
    case Film = 'film';
    case Gap = 'gap';
    case Tip = 'tip';
    case Cable = 'cable';
    case SensorPlug = 'sensor-plug';
    case BodyPlug = 'body-plug';
    case ModulePlug = 'module-plug';
    case Tyre = 'tyre';
    /** Of the brake, past the wheel. */
    case Linings = 'linings';
    /** Pipe, hose and caliper, where they should be dry. */
    case BrakeLine = 'brake-line';
    case Fuse = 'fuse';
    /** Its contacts, with the cap off. */
    case Relay = 'relay';
    case Ground = 'ground';
    /** In the reservoir of the master cylinder. */
    case Fluid = 'fluid';
    /** Where each pipe of the hydraulic unit leads. */
    case UnitPipes = 'unit-pipes';
    case PumpFuse = 'pump-fuse';
    case PumpRelay = 'pump-relay';
    case ValveFuse = 'valve-fuse';
    case ValveRelay = 'valve-relay';
    case UnitGround = 'unit-ground';
    /** Of the stop lamps, with the pedal up and pressed by hand. */
    case PedalSwitch = 'pedal-switch';
    /** Of the parking brake, with its lever down and pulled. */
    case LeverSwitch = 'lever-switch';

    /** Whether one has to reach in at a wheel for it. */
    public function isAtTheWheel(): bool
    {
        return in_array($this, [self::Ring, self::Film, self::Gap, self::Tip, self::Cable, self::SensorPlug, self::BodyPlug, self::Linings, self::BrakeLine], true);
    }

    /** Whether the wheel has to hang free for it. */
    public function needsFreeWheel(): bool
    {
        return in_array($this, [self::Tip, self::Film], true);
    }

    /** Whether there is such a place only where the car has brakes of its own at the wheel. */
    public function isOfTheBrake(): bool
    {
        return in_array($this, [self::Linings, self::BrakeLine], true);
    }

    /** Whether it sits at no corner. */
    public function isOfTheWholeCar(): bool
    {
        return in_array($this, [self::Fuse, self::Relay, self::Ground, self::Fluid, self::UnitPipes, self::PumpFuse, self::PumpRelay, self::ValveFuse, self::ValveRelay, self::UnitGround, self::PedalSwitch, self::LeverSwitch], true);
    }

    /** Whether something has to be drawn out or uncovered for it. */
    private function isHidden(): bool
    {
        return in_array($this, [self::Tip, self::Film, self::Fuse, self::Relay, self::PumpFuse, self::PumpRelay, self::ValveFuse, self::ValveRelay], true);
    }

    /** @return list<Manner> how one can look there: what is hidden is not looked at in passing, and few places have a side turned away */
    public function manners(): array
    {
        return [
            Manner::Closely,
            ...($this->isHidden() ? [] : [Manner::InPassing]),
            ...(in_array($this, [self::Ring, self::Cable, self::Linings, self::BrakeLine], true) ? [Manner::FromBehind] : []),
        ];
    }

    /** @return list<self> those of this vehicle that sit at no corner; where there is no fluid nobody is sent to look for it */
    public static function ofTheCar(Vehicle $vehicle): array
    {
        $hasFluid = $vehicle->brakeParts->has(BrakeParts::FLUID);

        return array_values(array_filter(self::cases(), static fn (self $sight): bool => $sight->isOfTheWholeCar() && $sight->isOn($vehicle) && ($hasFluid || $sight !== self::Fluid)));
    }

    /** Whether one may look there on this vehicle: relays inside the unit are out of sight. For fluid where there is none jobs of before have looked. */
    public function isOn(Vehicle $vehicle): bool
    {
        $parts = $vehicle->brakeParts;
        $isInside = $parts->unit?->design->isIntegrated === true;

        return match ($this) {
            self::UnitPipes => $parts->unit !== null && $parts->unit->hydraulics->wheels !== [],
            self::PumpFuse, self::UnitGround => $parts->unit !== null && $parts->has(BrakeParts::PUMP),
            self::ValveFuse => $parts->unit !== null && $parts->has(BrakeParts::VALVE_RELAY),
            self::PumpRelay => $parts->unit !== null && $parts->has(BrakeParts::PUMP_RELAY) && ! $isInside,
            self::ValveRelay => $parts->unit !== null && $parts->has(BrakeParts::VALVE_RELAY) && ! $isInside,
            self::PedalSwitch => $parts->has(BrakeParts::STOP_LAMP_SWITCH),
            self::LeverSwitch => $parts->has(BrakeParts::PARKING_BRAKE_SWITCH),
            default => true,
        };
    }
}
