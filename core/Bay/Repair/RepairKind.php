<?php

declare(strict_types=1);

namespace Lernfall\Bay\Repair;

use Lernfall\Bay\Car\KnownGoodPart;
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
    case ReplaceModule = 'replace-module';
    case ReplaceFuse = 'replace-fuse';
    case ReplaceRelay = 'replace-relay';
    case CleanGround = 'clean-ground';
    case ChargeBattery = 'charge-battery';
    case ReplaceHydraulicUnit = 'replace-hydraulic-unit';
    case ReplacePumpRelay = 'replace-pump-relay';
    case ReplaceValveRelay = 'replace-valve-relay';
    case FillFluid = 'fill-fluid';
    case ReplaceStopLampSwitch = 'replace-stop-lamp-switch';
    case ReplaceParkingBrakeSwitch = 'replace-parking-brake-switch';
    case ReplaceLevelSwitch = 'replace-level-switch';
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
        return in_array($this, [self::SetGap, self::CleanRing, self::CleanTip, self::ReplaceSensor, self::ReplaceHub, self::FitTyre], true);
    }

    /** Whether it is done to the car as a whole and at no corner. */
    public function isOfTheWholeCar(): bool
    {
        return in_array($this, [self::ReplaceFuse, self::ReplaceRelay, self::CleanGround, self::ChargeBattery], true) || $this->isOfTheBrakes();
    }

    /** Whether it mends valves, pump, relays, switches, fluid or lamps. */
    public function isOfTheBrakes(): bool
    {
        return array_intersect($this->stations(), ['hydraulics', 'switches', 'lamps']) !== [];
    }

    /** @return list<string> where on this vehicle it can be done */
    public function places(Vehicle $vehicle): array
    {
        return match (true) {
            $this->isOfTheBrakes() && $vehicle->brakeParts->ids() === [] => [],
            $this->isOfTheWholeCar() => [Vehicle::WHOLE],
            $this === self::RenewExtension => array_values(array_filter($vehicle->channelIds(), static fn (string $id): bool => $vehicle->channel($id)->has('extension'))),
            default => $vehicle->channelIds(),
        };
    }

    /** @return list<string> the places whose faults it can mend when done here: a module carries all its channels, a hydraulic unit all valves */
    public function concerns(string $channel, Vehicle $vehicle): array
    {
        return match ($this) {
            self::ReplaceModule => [$channel, Vehicle::WHOLE],
            self::ReplaceHydraulicUnit => [...$vehicle->channelIds(), Vehicle::WHOLE],
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
            self::FitTyre => ['nothing'],
            self::ReplaceModule => ['module'],
            self::ReplaceFuse, self::ReplaceRelay, self::CleanGround, self::ChargeBattery => ['supply'],
            self::ReplaceHydraulicUnit, self::ReplacePumpRelay, self::ReplaceValveRelay, self::FillFluid => ['hydraulics'],
            self::ReplaceStopLampSwitch, self::ReplaceParkingBrakeSwitch, self::ReplaceLevelSwitch => ['switches'],
            self::MendLamp => ['lamps'],
        };
    }
}
