<?php

declare(strict_types=1);

namespace Lernfall\Format;

use BackedEnum;
use Lernfall\Bay\Action\Action;
use Lernfall\Bay\Action\Capture;
use Lernfall\Bay\Action\ClearCodes;
use Lernfall\Bay\Action\Conclude;
use Lernfall\Bay\Action\ConnectLeads;
use Lernfall\Bay\Action\CyclePower;
use Lernfall\Bay\Action\EndSession;
use Lernfall\Bay\Action\FeedSensor;
use Lernfall\Bay\Action\FitBreakout;
use Lernfall\Bay\Action\FitTrialPart;
use Lernfall\Bay\Action\GaugeGap;
use Lernfall\Bay\Action\Inject;
use Lernfall\Bay\Action\InjectedShape;
use Lernfall\Bay\Action\Join;
use Lernfall\Bay\Action\Judgement;
use Lernfall\Bay\Action\LiveSpeeds;
use Lernfall\Bay\Action\LookAt;
use Lernfall\Bay\Action\LookAtLamps;
use Lernfall\Bay\Action\LookUpDataSheet;
use Lernfall\Bay\Action\MarkStation;
use Lernfall\Bay\Action\Measure;
use Lernfall\Bay\Action\MeterFunction;
use Lernfall\Bay\Action\NameCause;
use Lernfall\Bay\Action\OpenCheckConnector;
use Lernfall\Bay\Action\PressPedal;
use Lernfall\Bay\Action\ProveMeter;
use Lernfall\Bay\Action\Provoke;
use Lernfall\Bay\Action\PullParkingBrake;
use Lernfall\Bay\Action\ReadCodes;
use Lernfall\Bay\Action\ReadSwitches;
use Lernfall\Bay\Action\RecordDrive;
use Lernfall\Bay\Action\Repair;
use Lernfall\Bay\Action\RepairKind;
use Lernfall\Bay\Action\RoadTest;
use Lernfall\Bay\Action\RockWheel;
use Lernfall\Bay\Action\ScanTool;
use Lernfall\Bay\Action\ScopeInput;
use Lernfall\Bay\Action\Secure;
use Lernfall\Bay\Action\SecureStep;
use Lernfall\Bay\Action\Sight;
use Lernfall\Bay\Action\StationMark;
use Lernfall\Bay\Action\SwapSensors;
use Lernfall\Bay\Action\TestActuator;
use Lernfall\Bay\Action\TrialPart;
use Lernfall\Bay\Action\TurnKey;
use Lernfall\Bay\Action\TurnWheel;
use Lernfall\Bay\Action\Unplug;
use Lernfall\Bay\Action\WatchLamp;
use Lernfall\Bay\Action\WriteCode;
use Lernfall\Bay\Action\WriteReading;
use Lernfall\Bay\Ignition;
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
            'fit-trial-part' => new FitTrialPart(self::choice($node, 'part', TrialPart::class), $node->text('channel'), $node->bool('fitted')),
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
