<?php

declare(strict_types=1);

namespace Lernfall\Bay;

use Lernfall\Bay\Action\Action;
use Lernfall\Bay\Action\Capture;
use Lernfall\Bay\Action\ConnectLeads;
use Lernfall\Bay\Action\FeedSensor;
use Lernfall\Bay\Action\FitBreakout;
use Lernfall\Bay\Action\FitTrialPart;
use Lernfall\Bay\Action\GaugeGap;
use Lernfall\Bay\Action\Inject;
use Lernfall\Bay\Action\LiveSpeeds;
use Lernfall\Bay\Action\LookUpDataSheet;
use Lernfall\Bay\Action\Measure;
use Lernfall\Bay\Action\ProveMeter;
use Lernfall\Bay\Action\ReadSwitches;
use Lernfall\Bay\Action\RecordDrive;
use Lernfall\Bay\Action\SwapSensors;
use Lernfall\Bay\Action\TestActuator;

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
            $action instanceof FitTrialPart => self::TrialParts,
            $action instanceof LookUpDataSheet => self::DataSheet,
            default => null,
        };
    }
}
