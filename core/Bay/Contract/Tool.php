<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Actuators\ReadSwitches;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\BenchSupply\FeedSensor;
use Lernfall\Bay\Breakout\FitBreakout;
use Lernfall\Bay\DataSheet\LookUpDataSheet;
use Lernfall\Bay\Gauge\GaugeGap;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\LiveData\RecordDrive;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\ProveMeter;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Swap\SwapSensors;

/** What a case may withhold from the bay. Eyes, hands, lamps and codes are always there. */
enum Tool: string
{
    case Meter = 'meter';
    case Scope = 'scope';
    case Jumpers = 'jumpers';
    case Generator = 'generator';
    case BenchSupply = 'bench-supply';
    case LiveData = 'live-data';
    case ActuatorTests = 'actuator-tests';
    case Gauge = 'gauge';
    case Swap = 'swap';
    case TrialParts = 'trial-parts';
    case DataSheet = 'data-sheet';

    /** What an action needs; null where bare hands do. */
    public static function for(Action $action): ?self
    {
        return match (true) {
            $action instanceof Measure, $action instanceof ProveMeter => self::Meter,
            $action instanceof Capture => self::Scope,
            $action instanceof ConnectLeads, $action instanceof FitBreakout => self::Jumpers,
            $action instanceof Inject => self::Generator,
            $action instanceof FeedSensor => self::BenchSupply,
            $action instanceof LiveSpeeds, $action instanceof RecordDrive => self::LiveData,
            $action instanceof TestActuator, $action instanceof ReadSwitches => self::ActuatorTests,
            $action instanceof GaugeGap => self::Gauge,
            $action instanceof SwapSensors => self::Swap,
            $action instanceof FitKnownGoodPart => self::TrialParts,
            $action instanceof LookUpDataSheet => self::DataSheet,
            default => null,
        };
    }
}
