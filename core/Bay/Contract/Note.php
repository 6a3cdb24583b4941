<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Car\SeizedSensor;

/** A remark on the technique of what was done all the same. */
enum Note: string
{
    case LampsIgnitionOff = 'lamps-ignition-off';
    case VoltsAcWheelStill = 'volts-ac-wheel-still';
    case OhmsOnLiveCircuit = 'ohms-on-live-circuit';
    case OhmsThroughModule = 'ohms-through-module';
    case MeterFuseBlown = 'meter-fuse-blown';
    case ModulePlugLive = 'module-plug-live';
    case RepairIgnitionOn = 'repair-ignition-on';
    case SensorSeized = 'sensor-seized';
    case SensorBroke = 'sensor-broke';
    case StarterFails = 'starter-fails';
    case ClampRoundTwoWires = 'clamp-round-two-wires';
    case ClampNotZeroed = 'clamp-not-zeroed';
    case RollersOnDoubtfulPedal = 'rollers-on-doubtful-pedal';
    case DrivenWithRedLamp = 'driven-with-red-lamp';
    case DrivenOnDoubtfulPedal = 'driven-on-doubtful-pedal';

    /**
     * @param  int  $came  how a sensor came out of its bore, as SeizedSensor tells it
     * @return list<self>
     */
    public static function ofDrawing(int $came): array
    {
        return match ($came) {
            SeizedSensor::BROKE => [self::SensorSeized, self::SensorBroke],
            SeizedSensor::SAT_FAST => [self::SensorSeized],
            default => [],
        };
    }
}
