<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\BenchSupply\FeedSensor;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Gauge\GaugeGap;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Hands\RockWheel;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\LampCodes\CyclePower;
use Lernfall\Bay\LampCodes\OpenCheckConnector;
use Lernfall\Bay\LampCodes\PressPedal;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\LiveData\RecordDrive;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Swap\SwapSensors;
use Lernfall\Bay\Worksheet\Conclude;
use Lernfall\Bay\Worksheet\WorksheetCheck;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Drive\FreeDrive;
use Lernfall\Drive\Journey;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\UnknownPart;
use Lernfall\Vehicle\Vehicle;

/** Whether an action makes sense on this car and card. A clumsy action does; one at a pad that does not exist does not. */
final readonly class ActionCheck
{
    private const GREATEST_METRES_PER_SECOND = 25.0;

    private const GREATEST_TURNS_PER_SECOND = 3.0;

    private const VOLTS_PER_DIVISION = [0.01, 10.0];

    private const SECONDS_PER_DIVISION = [1e-5, 1.0];

    private const GREATEST_HERTZ = 5000.0;

    private const GREATEST_AMPERES = 0.03;

    private const GREATEST_VOLTS = 15.0;

    private const MOST_LEADS = 4;

    private const LIMIT_MILLIAMPERES = [1.0, 500.0];

    private const MOST_STRETCHES = 8.0;

    private const FREE_KILOMETRES_PER_HOUR = [2.0, 90.0];

    private const FREE_SECONDS = [1.0, 900.0];

    private const PRESSES = [1.0, 30.0];

    private const PRESSING_SECONDS = [0.5, 20.0];

    private const CYCLE_SECONDS = [0.2, 30.0];

    /** @throws UnfitAction */
    public static function check(Job $job, Action $action, Workshop $workshop): void
    {
        if ($job->isConcluded()) {
            throw UnfitAction::concluded();
        }
        if (! $workshop->hasToolFor($action)) {
            throw UnfitAction::withheld();
        }
        $vehicle = $job->case->sound;
        match (true) {
            $action instanceof Measure => self::measuring($vehicle, $action, $workshop),
            $action instanceof Capture => self::capture($vehicle, $action),
            $action instanceof Unplug, $action instanceof Join => SettingRange::known('plug', $action->plug, $vehicle->plugIds()),
            $action instanceof GaugeGap, $action instanceof SwapSensors, $action instanceof Provoke, $action instanceof RockWheel => SettingRange::known('channel', $action->channel, $vehicle->channelIds()),
            $action instanceof LookAt => self::looking($vehicle, $action),
            $action instanceof Repair => SettingRange::known('channel', $action->channel, $action->kind->places($vehicle)),
            $action instanceof FitKnownGoodPart => SettingRange::known('channel', $action->channel, $action->part->places($vehicle)),
            $action instanceof Conclude => self::concluding($job),
            $action instanceof ConnectLeads => self::leads($vehicle, $action),
            $action instanceof FeedSensor => self::feeding($vehicle, $action),
            $action instanceof Inject => self::injection($vehicle, $action),
            $action instanceof TurnWheel => self::turning($vehicle, $action),
            $action instanceof LiveSpeeds => SettingRange::within('kilometresPerHour', $action->metresPerSecond, self::GREATEST_METRES_PER_SECOND, 3.6),
            $action instanceof ReadCodes && $action->mistakes($vehicle->id) => null,
            $action instanceof ReadCodes, $action instanceof ClearCodes => SettingRange::known('system', $action->system, [ReadCodes::BRAKES, ...array_map(strval(...), array_keys($vehicle->systems))]),
            $action instanceof OpenCheckConnector => self::onThisCar($vehicle->module->lampCodes !== null && $vehicle->module->lampCodes->cycle === null),
            $action instanceof TestActuator => SettingRange::known('part', $action->part, array_values(array_filter($vehicle->brakeParts->ids(), static fn (string $part): bool => $part === BrakeParts::PUMP || str_starts_with($part, 'valves.')))),
            $action instanceof RoadTest, $action instanceof RecordDrive => self::driving($action->route),
            $action instanceof PressPedal => self::pressing($action),
            $action instanceof CyclePower => self::cycling($vehicle, $action),
            $action instanceof WorksheetEntry => WorksheetCheck::check($job, $action),
            default => null,
        };
    }

    private static function concluding(Job $job): void
    {
        if (! $job->car->state->places->removed->isEmpty()) {
            throw UnfitAction::trialPartStillIn();
        }
    }

    private static function capture(Vehicle $vehicle, Capture $capture): void
    {
        if ($capture->inputs === [] || count($capture->inputs) > 2) {
            throw UnfitAction::outOfRange('inputs', 1.0, 2.0);
        }
        foreach ($capture->inputs as $input) {
            self::pads($vehicle, $input->first, $input->second);
            SettingRange::between('voltsPerDivision', $input->voltsPerDivision, self::VOLTS_PER_DIVISION);
        }
        SettingRange::between('secondsPerDivision', $capture->secondsPerDivision, self::SECONDS_PER_DIVISION);
        if (! array_key_exists($capture->triggerInput, $capture->inputs)) {
            throw UnfitAction::unknown('trigger', (string) $capture->triggerInput);
        }
    }

    private static function pads(Vehicle $vehicle, string $first, string $second): void
    {
        foreach (['first' => $first, 'second' => $second] as $field => $pad) {
            try {
                Pads::find($vehicle, $pad);
            } catch (UnknownPart) {
                throw UnfitAction::unknown($field, $pad);
            }
        }
        if ($first === $second) {
            throw UnfitAction::samePad();
        }
    }

    private static function measuring(Vehicle $vehicle, Measure $measure, Workshop $workshop): void
    {
        self::pads($vehicle, $measure->first, $measure->second);
        if ($measure->fullScale !== null && $workshop->meter->ranges($measure->function, $measure->fullScale) === []) {
            throw UnfitAction::unknown('fullScale', (string) $measure->fullScale);
        }
        if (! is_finite($measure->relativeTo)) {
            throw UnfitAction::unknown('relativeTo', (string) $measure->relativeTo);
        }
    }

    /** At a corner, or at the car as a whole where what is meant sits at none; a body plug only where there is one. */
    private static function looking(Vehicle $vehicle, LookAt $look): void
    {
        SettingRange::known('channel', $look->channel, $look->at->isOfTheWholeCar() ? [Vehicle::WHOLE] : $vehicle->channelIds());
        if ($look->at === Sight::BodyPlug && ! $vehicle->channel($look->channel)->has('body-plug')) {
            throw UnfitAction::unknown('at', $look->at->value);
        }
    }

    private static function leads(Vehicle $vehicle, ConnectLeads $connect): void
    {
        if (count($connect->leads) > self::MOST_LEADS) {
            throw UnfitAction::outOfRange('leads', 0.0, self::MOST_LEADS);
        }
        foreach ($connect->leads as [$first, $second]) {
            self::pads($vehicle, $first, $second);
        }
    }

    private static function feeding(Vehicle $vehicle, FeedSensor $feed): void
    {
        SettingRange::known('channel', $feed->channel, $vehicle->channelIds());
        SettingRange::between('volts', $feed->volts, [0.0, self::GREATEST_VOLTS]);
        if ($feed->volts > 0.0) {
            SettingRange::between('milliamperes', $feed->limitAmperes * 1000.0, self::LIMIT_MILLIAMPERES);
        }
    }

    private static function injection(Vehicle $vehicle, Inject $inject): void
    {
        SettingRange::known('channel', $inject->channel, $vehicle->channelIds());
        SettingRange::between('hertz', $inject->hertz, [0.0, self::GREATEST_HERTZ]);
        SettingRange::between('amplitude', $inject->amplitude, [0.0, $inject->shape === InjectedShape::Current ? self::GREATEST_AMPERES : self::GREATEST_VOLTS]);
    }

    private static function turning(Vehicle $vehicle, TurnWheel $turn): void
    {
        SettingRange::known('channel', $turn->channel, $vehicle->channelIds());
        SettingRange::between('turnsPerSecond', $turn->turnsPerSecond, [-self::GREATEST_TURNS_PER_SECOND, self::GREATEST_TURNS_PER_SECOND]);
    }

    private static function driving(Journey $route): void
    {
        if (! $route instanceof FreeDrive) {
            return;
        }
        SettingRange::between('stretches', count($route->stretches), [1.0, self::MOST_STRETCHES]);
        foreach ($route->stretches as $index => [$metresPerSecond, , $seconds]) {
            SettingRange::between("stretches.$index.kilometresPerHour", $metresPerSecond * 3.6, self::FREE_KILOMETRES_PER_HOUR);
            SettingRange::between("stretches.$index.seconds", $seconds, self::FREE_SECONDS);
        }
    }

    private static function pressing(PressPedal $press): void
    {
        SettingRange::between('times', $press->times, self::PRESSES);
        SettingRange::between('seconds', $press->seconds, self::PRESSING_SECONDS);
    }

    private static function onThisCar(bool $has): void
    {
        if (! $has) {
            throw UnfitAction::notOnThisCar();
        }
    }

    private static function cycling(Vehicle $vehicle, CyclePower $cycle): void
    {
        self::onThisCar($vehicle->module->lampCodes?->cycle !== null);
        SettingRange::between('onSeconds', $cycle->onSeconds, self::CYCLE_SECONDS);
        SettingRange::between('offSeconds', $cycle->offSeconds, self::CYCLE_SECONDS);
    }
}
