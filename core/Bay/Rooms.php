<?php

declare(strict_types=1);

namespace Lernfall\Bay;

use Lernfall\Bay\Actuators\LetUnitRestProcedure;
use Lernfall\Bay\Actuators\ReadSwitchesProcedure;
use Lernfall\Bay\Actuators\TestActuatorProcedure;
use Lernfall\Bay\BenchSupply\FeedSensorProcedure;
use Lernfall\Bay\Breakout\FitBreakoutProcedure;
use Lernfall\Bay\Clamp\ClampCurrentProcedure;
use Lernfall\Bay\ClosedGround\DriveFreelyProcedure;
use Lernfall\Bay\ClosedGround\PullAwayProcedure;
use Lernfall\Bay\ClosedGround\RecordStopProcedure;
use Lernfall\Bay\ClosedGround\StopHereProcedure;
use Lernfall\Bay\Contract\ProcedureRegistry;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\DataSheet\LookUpDataSheetProcedure;
use Lernfall\Bay\Driving\RoadTestProcedure;
use Lernfall\Bay\Gauge\GaugeGapProcedure;
use Lernfall\Bay\Generator\InjectProcedure;
use Lernfall\Bay\Hands\ProvokeProcedure;
use Lernfall\Bay\Hands\RockWheelProcedure;
use Lernfall\Bay\Hands\TurnWheelProcedure;
use Lernfall\Bay\Inspection\LookAtProcedure;
use Lernfall\Bay\Jumpers\ConnectLeadsProcedure;
use Lernfall\Bay\Key\TurnKeyProcedure;
use Lernfall\Bay\KnownGood\FitKnownGoodPartProcedure;
use Lernfall\Bay\LampCodes\CyclePowerProcedure;
use Lernfall\Bay\LampCodes\OpenCheckConnectorProcedure;
use Lernfall\Bay\LampCodes\PressPedalProcedure;
use Lernfall\Bay\LampCodes\PullParkingBrakeProcedure;
use Lernfall\Bay\LampCodes\WatchLampProcedure;
use Lernfall\Bay\Lamps\LookAtLampsProcedure;
use Lernfall\Bay\Lift\SecureProcedure;
use Lernfall\Bay\LiveData\LiveSpeedsProcedure;
use Lernfall\Bay\LiveData\RecordDriveProcedure;
use Lernfall\Bay\Meter\MeasureProcedure;
use Lernfall\Bay\Meter\ProveMeterProcedure;
use Lernfall\Bay\Pedal\TryPedalProcedure;
use Lernfall\Bay\Plugs\JoinProcedure;
use Lernfall\Bay\Plugs\UnplugProcedure;
use Lernfall\Bay\Power\RunAxleProcedure;
use Lernfall\Bay\Repair\RepairProcedure;
use Lernfall\Bay\Rollers\BrakeOnRollersProcedure;
use Lernfall\Bay\Scan\ClearCodesProcedure;
use Lernfall\Bay\Scan\EndSessionProcedure;
use Lernfall\Bay\Scan\ReadCodesProcedure;
use Lernfall\Bay\Scope\CaptureProcedure;
use Lernfall\Bay\Swap\SwapSensorsProcedure;
use Lernfall\Bay\Worksheet\ConcludeProcedure;
use Lernfall\Bay\Worksheet\MarkStationProcedure;
use Lernfall\Bay\Worksheet\NameCauseProcedure;
use Lernfall\Bay\Worksheet\StrikeOutProcedure;
use Lernfall\Bay\Worksheet\WriteCodeProcedure;
use Lernfall\Bay\Worksheet\WriteReadingProcedure;
use Lernfall\Bay\Worksheet\WriteSensorProcedure;
use Lernfall\Bay\Workshop\Workshop;

/** The rooms of the bay: here, and only here, all procedures are known. Tools are listed in this order. */
final readonly class Rooms
{
    public static function procedures(): ProcedureRegistry
    {
        /** @var ?ProcedureRegistry $registry */
        static $registry = null;

        return $registry ??= ProcedureRegistry::of([
            new MeasureProcedure, new ProveMeterProcedure, new CaptureProcedure, new ClampCurrentProcedure, new ConnectLeadsProcedure, new FitBreakoutProcedure, new InjectProcedure, new FeedSensorProcedure,
            new LiveSpeedsProcedure, new RecordDriveProcedure, new TestActuatorProcedure, new ReadSwitchesProcedure, new LetUnitRestProcedure, new TryPedalProcedure, new BrakeOnRollersProcedure, new GaugeGapProcedure, new SwapSensorsProcedure,
            new FitKnownGoodPartProcedure, new LookUpDataSheetProcedure,
            new SecureProcedure, new TurnKeyProcedure, new UnplugProcedure, new JoinProcedure, new TurnWheelProcedure, new RunAxleProcedure, new ProvokeProcedure, new RockWheelProcedure, new LookAtProcedure,
            new LookAtLampsProcedure, new WatchLampProcedure, new OpenCheckConnectorProcedure, new PressPedalProcedure, new PullParkingBrakeProcedure, new CyclePowerProcedure,
            new ReadCodesProcedure, new ClearCodesProcedure, new EndSessionProcedure, new RoadTestProcedure, new StopHereProcedure, new RecordStopProcedure, new PullAwayProcedure, new DriveFreelyProcedure, new RepairProcedure,
            new WriteCodeProcedure, new WriteReadingProcedure, new WriteSensorProcedure, new MarkStationProcedure, new NameCauseProcedure, new StrikeOutProcedure, new ConcludeProcedure,
        ]);
    }

    public static function simulator(Workshop $workshop): Simulator
    {
        return new Simulator($workshop, self::procedures());
    }
}
