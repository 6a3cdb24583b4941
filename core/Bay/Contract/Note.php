<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

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
    case StarterFails = 'starter-fails';
}
