<?php

declare(strict_types=1);

namespace Lernfall\Format;

use BackedEnum;
use Lernfall\Bay\Actuators\ReadSwitches;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\BenchSupply\FeedSensor;
use Lernfall\Bay\Breakout\FitBreakout;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\DataSheet\LookUpDataSheet;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Gauge\GaugeGap;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Hands\RockWheel;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\LampCodes\CyclePower;
use Lernfall\Bay\LampCodes\OpenCheckConnector;
use Lernfall\Bay\LampCodes\PressPedal;
use Lernfall\Bay\LampCodes\PullParkingBrake;
use Lernfall\Bay\LampCodes\WatchLamp;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\LiveData\RecordDrive;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Meter\ProveMeter;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairKind;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\EndSession;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Scan\ScanTool;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Scope\ScopeInput;
use Lernfall\Bay\Swap\SwapSensors;
use Lernfall\Bay\Worksheet\Conclude;
use Lernfall\Bay\Worksheet\Judgement;
use Lernfall\Bay\Worksheet\MarkStation;
use Lernfall\Bay\Worksheet\NameCause;
use Lernfall\Bay\Worksheet\StationMark;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Bay\Worksheet\WriteReading;
use Lernfall\Circuit\InjectedAt;
use Lernfall\Drive\FreeDrive;
use Lernfall\Drive\Ground;
use Lernfall\Drive\Journey;
use Lernfall\Drive\Route;
use Lernfall\Vehicle\Provocation;

/** Reads an action from its decoded JSON; docs/schemas/action.schema.json describes it. */
final readonly class ActionReader
{
    /** Permanent names, as they stand in "do". */
    public const NAMES = [
        'look-up-data-sheet', 'secure', 'ignition', 'look-at-lamps', 'read-codes', 'clear-codes', 'look', 'unplug', 'join', 'measure', 'capture', 'inject', 'gauge-gap', 'swap-sensors', 'fit-trial-part', 'provoke',
        'check-connector', 'press-pedal', 'parking-brake', 'watch-lamp', 'cycle-power', 'end-session', 'record-drive', 'test-actuator', 'read-switches',
        'connect-leads', 'fit-breakout', 'feed-sensor', 'prove-meter', 'rock-wheel',
        'turn-wheel', 'live-speeds', 'repair', 'road-test', 'write-code', 'write-reading', 'mark-station', 'name-cause', 'conclude',
    ];

    /** @throws InvalidDocument */
    public static function read(mixed $document): Action
    {
        return self::from(Node::root($document));
    }

    /** @throws InvalidDocument */
    public static function from(Node $node): Action
    {
        return match ($node->text('do')) {
            'look-up-data-sheet' => new LookUpDataSheet,
            'secure' => new Secure(self::choice($node, 'step', SecureStep::class)),
            'ignition' => new TurnKey(self::choice($node, 'to', Ignition::class)),
            'look-at-lamps' => new LookAtLamps,
            'read-codes' => new ReadCodes($node->has('system') ? $node->text('system') : ReadCodes::BRAKES, $node->has('tool') ? self::choice($node, 'tool', ScanTool::class) : ScanTool::Terminal, $node->has('vehicle') ? $node->text('vehicle') : ''),
            'clear-codes' => new ClearCodes($node->has('system') ? $node->text('system') : ReadCodes::BRAKES),
            'end-session' => new EndSession,
            'test-actuator' => new TestActuator($node->text('part')),
            'read-switches' => new ReadSwitches,
            'check-connector' => new OpenCheckConnector($node->bool('open')),
            'press-pedal' => new PressPedal($node->int('times'), $node->float('seconds')),
            'parking-brake' => new PullParkingBrake,
            'watch-lamp' => new WatchLamp,
            'cycle-power' => new CyclePower($node->float('onSeconds'), $node->float('offSeconds')),
            'record-drive' => new RecordDrive(self::journey($node), $node->bool('onCode')),
            'look' => new LookAt($node->text('channel'), self::choice($node, 'at', Sight::class)),
            'unplug' => new Unplug($node->text('plug')),
            'join' => new Join($node->text('plug')),
            'measure' => self::measure($node),
            'capture' => self::capture($node),
            'gauge-gap' => new GaugeGap($node->text('channel')),
            'swap-sensors' => new SwapSensors($node->text('channel')),
            'fit-trial-part' => new FitKnownGoodPart(self::choice($node, 'part', KnownGoodPart::class), $node->text('channel'), $node->bool('fitted')),
            'provoke' => new Provoke($node->text('how') === 'nothing' ? null : self::choice($node, 'how', Provocation::class), $node->text('channel')),
            'connect-leads' => new ConnectLeads(array_values(array_map(static fn (Node $lead): array => [$lead->text('first'), $lead->text('second')], $node->entries('leads')))),
            'fit-breakout' => new FitBreakout($node->bool('fitted')),
            'feed-sensor' => new FeedSensor($node->text('channel'), $node->float('volts'), $node->float('milliamperes') / 1000.0, $node->bool('reversed')),
            'prove-meter' => new ProveMeter,
            'rock-wheel' => new RockWheel($node->text('channel')),
            'inject' => new Inject($node->text('channel'), self::choice($node, 'shape', InjectedShape::class), $node->float('hertz'), $node->float('amplitude'), $node->has('at') ? self::choice($node, 'at', InjectedAt::class) : InjectedAt::Pair),
            'turn-wheel' => new TurnWheel($node->text('channel'), $node->float('turnsPerSecond')),
            'live-speeds' => new LiveSpeeds($node->float('kilometresPerHour') / 3.6),
            'repair' => new Repair(self::choice($node, 'kind', RepairKind::class), $node->text('channel')),
            'road-test' => new RoadTest($node->has('route') ? self::journey($node) : Route::Usual),
            'write-code' => new WriteCode($node->text('code'), self::word($node, 'status', ['present', 'pending', 'history', ''])),
            'write-reading' => self::reading($node),
            'mark-station' => new MarkStation($node->text('channel'), $node->text('station'), self::choice($node, 'mark', StationMark::class)),
            'name-cause' => new NameCause($node->text('channel'), $node->text('station'), $node->text('defect'), $node->ints('supports'), $node->text('expects')),
            'conclude' => new Conclude,
            default => throw $node->at('do')->wrong('one of '.implode(', ', self::NAMES)),
        };
    }

    /** Range, relative reading and recording may be left out: they are as the meter comes up. */
    private static function measure(Node $node): Measure
    {
        return new Measure(
            self::choice($node, 'function', MeterFunction::class),
            $node->text('first'),
            $node->text('second'),
            $node->has('fullScale') ? $node->float('fullScale') : null,
            $node->has('relativeTo') ? $node->float('relativeTo') : 0.0,
            $node->has('records') && $node->bool('records'),
        );
    }

    /** One of the routes, or a free drive with its stretches. */
    private static function journey(Node $node): Journey
    {
        if ($node->text('route') !== FreeDrive::KEY) {
            return self::choice($node, 'route', Route::class);
        }
        $stretches = [];
        foreach ($node->entries('stretches') as $one) {
            $stretches[] = [$one->float('kilometresPerHour') / 3.6, self::choice($one, 'ground', Ground::class), $one->float('seconds')];
        }

        return $stretches === [] ? throw $node->at('stretches')->wrong('at least one stretch') : new FreeDrive($stretches);
    }

    private static function capture(Node $node): Capture
    {
        $inputs = [];
        foreach ($node->entries('inputs') as $input) {
            $inputs[] = new ScopeInput($input->text('first'), $input->text('second'), $input->float('voltsPerDivision'), self::word($input, 'coupling', ['dc', 'ac']) === 'ac');
        }
        $trigger = $node->at('trigger');

        return new Capture(
            $inputs,
            $node->float('secondsPerDivision'),
            $trigger->int('input'),
            $trigger->float('volts'),
            self::word($trigger, 'edge', ['rising', 'falling']) === 'rising',
        );
    }

    private static function reading(Node $node): WriteReading
    {
        return new WriteReading(
            $node->int('of'),
            $node->text('feature'),
            $node->isNull('value') ? null : $node->float('value'),
            $node->text('unit'),
            $node->text('word'),
            self::choice($node, 'judgement', Judgement::class),
            $node->text('comparedWith'),
        );
    }

    /**
     * @template T of BackedEnum
     *
     * @param  class-string<T>  $enum
     * @return T
     */
    private static function choice(Node $node, string $name, string $enum): BackedEnum
    {
        return $enum::tryFrom($node->text($name)) ?? throw $node->at($name)->wrong(
            'one of '.implode(', ', array_map(static fn (BackedEnum $case): string => (string) $case->value, $enum::cases())),
        );
    }

    /** @param  list<string>  $words */
    private static function word(Node $node, string $name, array $words): string
    {
        $text = $node->text($name);

        return in_array($text, $words, true) ? $text : throw $node->at($name)->wrong('one of '.implode(', ', array_filter($words)));
    }
}
