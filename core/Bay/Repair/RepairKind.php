<?php

declare(strict_types=1);

namespace Lernfall\Bay\Repair;

use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Vehicle\Brakes\UnitDesign;
use Lernfall\Vehicle\Vehicle;

enum RepairKind: string
{
    case CleanPlug = 'clean-plug';
    case CleanModulePlug = 'clean-module-plug';
    case RenewExtension = 'renew-extension';
    case RepairLoom = 'repair-loom';
    case TapeLoom = 'tape-loom';
    case CleanRing = 'clean-ring';
    case SetGap = 'set-gap';
    case CleanTip = 'clean-tip';
    case ReplaceSensor = 'replace-sensor';
    case ReplaceHub = 'replace-hub';
    case FitTyre = 'fit-tyre';
    case InflateTyre = 'inflate-tyre';
    case ReplaceModule = 'replace-module';
    case ReplaceFuse = 'replace-fuse';
    case ReplaceRelay = 'replace-relay';
    case CleanGround = 'clean-ground';
    case ChargeBattery = 'charge-battery';
    case ReplaceHydraulicUnit = 'replace-hydraulic-unit';
    case ReplacePumpRelay = 'replace-pump-relay';
    case ReplaceValveRelay = 'replace-valve-relay';
    case ReplaceUnitFuse = 'replace-unit-fuse';
    case MendUnitWire = 'mend-unit-wire';
    case CleanUnitGround = 'clean-unit-ground';
    case BleedBrakes = 'bleed-brakes';
    case BleedBrake = 'bleed-brake';

    case RefitBrakePipes = 'refit-brake-pipes';

    case MendBrakeLine = 'mend-brake-line';

    case CodeUnit = 'code-unit';
    case ReplaceBrakeHose = 'replace-brake-hose';
    case ReplaceCaliper = 'replace-caliper';
    case FreeSlidePins = 'free-slide-pins';

    case ReplaceDisc = 'replace-disc';

    case ReplaceLinings = 'replace-linings';
    case ReplaceMasterCylinder = 'replace-master-cylinder';
    case ReplaceServo = 'replace-servo';
    case FillFluid = 'fill-fluid';
    case ReplaceStopLampSwitch = 'replace-stop-lamp-switch';
    case ReplaceParkingBrakeSwitch = 'replace-parking-brake-switch';
    case ReplaceLevelSwitch = 'replace-level-switch';

    case ReplaceTemperatureSwitch = 'replace-temperature-switch';
    case MendLamp = 'mend-lamp';

    /** The repair that renews such a part of the car itself. */
    public static function renewing(KnownGoodPart $part): self
    {
        return match ($part) {
            KnownGoodPart::Sensor => self::ReplaceSensor,
            KnownGoodPart::SupplyRelay => self::ReplaceRelay,
            KnownGoodPart::PumpRelay => self::ReplacePumpRelay,
            KnownGoodPart::ValveRelay => self::ReplaceValveRelay,
        };
    }

    /** Whether the wheel has to come off for it. */
    public function needsFreeWheel(): bool
    {
        return in_array($this, [self::SetGap, self::CleanRing, self::CleanTip, self::ReplaceSensor, self::ReplaceHub, self::FitTyre], true) || $this->isAtABrake();
    }

    /** Whether it is done to the car as a whole and at no corner. */
    public function isOfTheWholeCar(): bool
    {
        return in_array($this, [self::ReplaceFuse, self::ReplaceRelay, self::CleanGround, self::ChargeBattery], true) || $this->isOfTheBrakes() && ! $this->isAtABrake();
    }

    /** Whether it mends valves, pump, relays, switches, fluid or lamps. */
    public function isOfTheBrakes(): bool
    {
        return array_intersect($this->stations(), ['hydraulics', 'brakes', 'switches', 'lamps']) !== [];
    }

    /** Whether it is done to the brake of one wheel. */
    public function isAtABrake(): bool
    {
        return in_array($this, [self::ReplaceBrakeHose, self::MendBrakeLine, self::ReplaceCaliper, self::FreeSlidePins, self::ReplaceDisc, self::ReplaceLinings, self::BleedBrake], true);
    }

    /** @return list<self> what belongs to it: a line that was open is bled, and a new unit is told which car it is in */
    public function followedBy(Vehicle $vehicle): array
    {
        return array_values(array_filter(match ($this) {
            self::ReplaceHydraulicUnit => [self::BleedBrakes, self::CodeUnit],
            self::ReplaceBrakeHose, self::MendBrakeLine, self::ReplaceCaliper, self::ReplaceMasterCylinder, self::RefitBrakePipes => [self::BleedBrakes],
            default => [],
        }, static fn (self $next): bool => $next->places($vehicle) !== []));
    }

    /** Whether it is done to the hydraulic unit, or to what belongs to it. */
    public function isOfTheUnit(): bool
    {
        return in_array($this, [
            self::ReplaceHydraulicUnit, self::ReplacePumpRelay, self::ReplaceValveRelay, self::ReplaceUnitFuse, self::MendUnitWire, self::CleanUnitGround, self::BleedBrakes, self::RefitBrakePipes, self::CodeUnit,
            self::ReplaceMasterCylinder, self::ReplaceServo,
        ], true) || $this->isAtABrake();
    }

    /** Whether this hydraulic unit is not made for it: what it renews lies inside the housing, or nothing is to be told to it. */
    private function isUnknownTo(UnitDesign $unit): bool
    {
        return match ($this) {
            self::ReplacePumpRelay, self::ReplaceValveRelay, self::MendUnitWire => $unit->isIntegrated,
            self::CodeUnit => ! $unit->knowsItsCar,
            default => false,
        };
    }

    /** @return list<string> where on this vehicle it can be done */
    public function places(Vehicle $vehicle): array
    {
        return match (true) {
            $this->isOfTheUnit() && ($vehicle->brakeParts->unit === null || $this->isUnknownTo($vehicle->brakeParts->unit->design)), $this->isOfTheBrakes() && $vehicle->brakeParts->ids() === [] => [],
            $this->isOfTheWholeCar() => [Vehicle::WHOLE],
            $this->isAtABrake() => array_map(strval(...), array_keys($vehicle->unit()->hydraulics->wheels)),
            $this === self::RenewExtension => array_values(array_filter($vehicle->channelIds(), static fn (string $id): bool => $vehicle->channel($id)->has('extension'))),
            default => $vehicle->channelIds(),
        };
    }

    /** @return list<string> the places whose faults it can mend when done here: a module carries all its channels, a hydraulic unit all valves */
    public function concerns(string $channel, Vehicle $vehicle): array
    {
        return match ($this) {
            self::ReplaceModule => [$channel, Vehicle::WHOLE],
            self::ReplaceHydraulicUnit, self::BleedBrakes, self::RefitBrakePipes => [...$vehicle->channelIds(), Vehicle::WHOLE],
            self::MendBrakeLine, self::ReplaceLinings => [$channel, Vehicle::WHOLE],
            default => [$channel],
        };
    }

    /** Whether it only tests a suspicion, however well the car runs afterwards. */
    public function isMakeshift(): bool
    {
        return $this === self::TapeLoom;
    }

    /** @return list<string> the stations of the path it makes good */
    public function stations(): array
    {
        return match ($this) {
            self::CleanPlug => ['sensor-plug'],
            self::CleanModulePlug => ['module-plug'],
            self::RepairLoom, self::TapeLoom => ['loom'],
            self::RenewExtension => ['extension'],
            self::SetGap => ['gap'],
            self::CleanRing => ['ring'],
            self::CleanTip, self::ReplaceSensor => ['sensor'],
            self::ReplaceHub => ['ring', 'gap'],
            self::FitTyre, self::InflateTyre => ['nothing'],
            self::ReplaceModule => ['module'],
            self::ReplaceFuse, self::ReplaceRelay, self::CleanGround, self::ChargeBattery => ['supply'],
            self::ReplaceHydraulicUnit, self::ReplacePumpRelay, self::ReplaceValveRelay, self::FillFluid => ['hydraulics'],
            self::ReplaceUnitFuse, self::MendUnitWire, self::CleanUnitGround, self::CodeUnit, self::RefitBrakePipes => ['hydraulics'],
            self::BleedBrakes, self::BleedBrake, self::ReplaceBrakeHose, self::MendBrakeLine, self::ReplaceCaliper, self::FreeSlidePins, self::ReplaceDisc, self::ReplaceLinings, self::ReplaceMasterCylinder, self::ReplaceServo => ['brakes'],
            self::ReplaceStopLampSwitch, self::ReplaceParkingBrakeSwitch, self::ReplaceLevelSwitch, self::ReplaceTemperatureSwitch => ['switches'],
            self::MendLamp => ['lamps'],
        };
    }
}
