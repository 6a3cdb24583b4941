<?php

declare(strict_types=1);

namespace Lernfall\Bay;

use InvalidArgumentException;
use Lernfall\Bay\Action\Action;
use Lernfall\Bay\Action\Capture;
use Lernfall\Bay\Action\ClearCodes;
use Lernfall\Bay\Action\ConnectLeads;
use Lernfall\Bay\Action\CyclePower;
use Lernfall\Bay\Action\FeedSensor;
use Lernfall\Bay\Action\GaugeGap;
use Lernfall\Bay\Action\Inject;
use Lernfall\Bay\Action\InjectedShape;
use Lernfall\Bay\Action\Join;
use Lernfall\Bay\Action\LiveSpeeds;
use Lernfall\Bay\Action\LookAt;
use Lernfall\Bay\Action\MarkStation;
use Lernfall\Bay\Action\Measure;
use Lernfall\Bay\Action\NameCause;
use Lernfall\Bay\Action\OpenCheckConnector;
use Lernfall\Bay\Action\PressPedal;
use Lernfall\Bay\Action\Provoke;
use Lernfall\Bay\Action\ReadCodes;
use Lernfall\Bay\Action\RecordDrive;
use Lernfall\Bay\Action\Repair;
use Lernfall\Bay\Action\RoadTest;
use Lernfall\Bay\Action\RockWheel;
use Lernfall\Bay\Action\Sight;
use Lernfall\Bay\Action\SwapSensors;
use Lernfall\Bay\Action\TestActuator;
use Lernfall\Bay\Action\TurnWheel;
use Lernfall\Bay\Action\Unplug;
use Lernfall\Bay\Action\WriteCode;
use Lernfall\Bay\Action\WriteReading;
use Lernfall\Drive\FreeDrive;
use Lernfall\Drive\Journey;
use Lernfall\Module\StandardCode;
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

    /** Of the maker: decimal, or hexadecimal with four digits. */
    private const OWN_NUMBER = '~^(\d{3,5}|[0-9A-F]{4})$~';

    private const FAILURE_TYPE = '~^[0-9A-F]{2}$~';

    /** @throws UnfitAction */
    public static function check(Job $job, Action $action, Workshop $workshop): void
    {
        if ($job->isConcluded()) {
            throw UnfitAction::concluded();
        }
        $vehicle = $job->case->sound;
        match (true) {
            $action instanceof Measure => self::measuring($vehicle, $action, $workshop),
            $action instanceof Capture => self::capture($vehicle, $action),
            $action instanceof Unplug, $action instanceof Join => self::known('plug', $action->plug, $vehicle->plugIds()),
            $action instanceof GaugeGap, $action instanceof SwapSensors, $action instanceof Provoke, $action instanceof RockWheel => self::known('channel', $action->channel, $vehicle->channelIds()),
            $action instanceof LookAt => self::looking($vehicle, $action),
            $action instanceof Repair => self::known('channel', $action->channel, $action->kind->places($vehicle)),
            $action instanceof ConnectLeads => self::leads($vehicle, $action),
            $action instanceof FeedSensor => self::feeding($vehicle, $action),
            $action instanceof Inject => self::injection($vehicle, $action),
            $action instanceof TurnWheel => self::turning($vehicle, $action),
            $action instanceof LiveSpeeds => self::within('kilometresPerHour', $action->metresPerSecond, self::GREATEST_METRES_PER_SECOND, 3.6),
            $action instanceof MarkStation => self::station($vehicle, $action->channel, $action->station),
            $action instanceof NameCause => self::cause($job, $action),
            $action instanceof ReadCodes, $action instanceof ClearCodes => self::known('system', $action->system, [ReadCodes::BRAKES, ...array_map(strval(...), array_keys($vehicle->systems))]),
            $action instanceof OpenCheckConnector => self::onThisCar($vehicle->module->lampCodes !== null && $vehicle->module->lampCodes->cycle === null),
            $action instanceof TestActuator => self::known('part', $action->part, array_values(array_filter($vehicle->brakeParts->ids(), static fn (string $part): bool => $part === BrakeParts::PUMP || str_starts_with($part, 'valves.')))),
            $action instanceof RoadTest, $action instanceof RecordDrive => self::driving($action->route),
            $action instanceof PressPedal => self::pressing($action),
            $action instanceof CyclePower => self::cycling($vehicle, $action),
            $action instanceof WriteCode => self::code($vehicle, $action),
            $action instanceof WriteReading => self::written($job, $action),
            default => null,
        };
    }

    private static function capture(Vehicle $vehicle, Capture $capture): void
    {
        if ($capture->inputs === [] || count($capture->inputs) > 2) {
            throw UnfitAction::outOfRange('inputs', 1.0, 2.0);
        }
        foreach ($capture->inputs as $input) {
            self::pads($vehicle, $input->first, $input->second);
            self::between('voltsPerDivision', $input->voltsPerDivision, self::VOLTS_PER_DIVISION);
        }
        self::between('secondsPerDivision', $capture->secondsPerDivision, self::SECONDS_PER_DIVISION);
        if (! array_key_exists($capture->triggerInput, $capture->inputs)) {
            throw UnfitAction::unknown('trigger', (string) $capture->triggerInput);
        }
    }

    /** @param  array{float, float}  $range */
    private static function between(string $field, float $value, array $range): void
    {
        if (! is_finite($value) || $value < $range[0] || $value > $range[1]) {
            throw UnfitAction::outOfRange($field, ...$range);
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
        self::known('channel', $look->channel, $look->at->isOfTheWholeCar() ? [Vehicle::WHOLE] : $vehicle->channelIds());
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
        self::known('channel', $feed->channel, $vehicle->channelIds());
        self::between('volts', $feed->volts, [0.0, self::GREATEST_VOLTS]);
        if ($feed->volts > 0.0) {
            self::between('milliamperes', $feed->limitAmperes * 1000.0, self::LIMIT_MILLIAMPERES);
        }
    }

    private static function injection(Vehicle $vehicle, Inject $inject): void
    {
        self::known('channel', $inject->channel, $vehicle->channelIds());
        self::between('hertz', $inject->hertz, [0.0, self::GREATEST_HERTZ]);
        self::between('amplitude', $inject->amplitude, [0.0, $inject->shape === InjectedShape::Current ? self::GREATEST_AMPERES : self::GREATEST_VOLTS]);
    }

    private static function turning(Vehicle $vehicle, TurnWheel $turn): void
    {
        self::known('channel', $turn->channel, $vehicle->channelIds());
        self::between('turnsPerSecond', $turn->turnsPerSecond, [-self::GREATEST_TURNS_PER_SECOND, self::GREATEST_TURNS_PER_SECOND]);
    }

    private static function station(Vehicle $vehicle, string $channel, string $station): void
    {
        self::known('station', $station, array_keys(Vocabulary::DEFECTS));
        self::known('channel', $channel, in_array($station, ['module', ...Vocabulary::OFF_THE_PATH], true) ? [...$vehicle->channelIds(), Vehicle::WHOLE] : $vehicle->channelIds());
    }

    private static function cause(Job $job, NameCause $cause): void
    {
        self::station($job->case->sound, $cause->channel, $cause->station);
        self::known('defect', $cause->defect, Vocabulary::DEFECTS[$cause->station] ?? []);
        self::known('expects', $cause->expects, Vocabulary::EXPECTATIONS);
        foreach ($cause->supports as $number) {
            $step = $job->step($number);
            if ($step === null || ! ($step->action instanceof WriteReading || $step->action instanceof WriteCode)) {
                throw UnfitAction::notWrittenDown($number);
            }
        }
    }

    private static function driving(Journey $route): void
    {
        if (! $route instanceof FreeDrive) {
            return;
        }
        self::between('stretches', count($route->stretches), [1.0, self::MOST_STRETCHES]);
        foreach ($route->stretches as $index => [$metresPerSecond, , $seconds]) {
            self::between("stretches.$index.kilometresPerHour", $metresPerSecond * 3.6, self::FREE_KILOMETRES_PER_HOUR);
            self::between("stretches.$index.seconds", $seconds, self::FREE_SECONDS);
        }
    }

    private static function pressing(PressPedal $press): void
    {
        self::between('times', $press->times, self::PRESSES);
        self::between('seconds', $press->seconds, self::PRESSING_SECONDS);
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
        self::between('onSeconds', $cycle->onSeconds, self::CYCLE_SECONDS);
        self::between('offSeconds', $cycle->offSeconds, self::CYCLE_SECONDS);
    }

    /** As the car shows them: a base with or without failure type, a number of the maker's own, or the digits its lamp blinks. */
    private static function code(Vehicle $vehicle, WriteCode $write): void
    {
        if ($write->code === Vocabulary::NO_CODE) {
            return;
        }
        $digits = $vehicle->module->lampCodes?->digits;
        if ($digits !== null) {
            if (preg_match('~^[1-9]{'.$digits.'}$~', $write->code) !== 1) {
                throw UnfitAction::notALampCode($write->code, $digits);
            }

            return;
        }
        if (preg_match(self::OWN_NUMBER, $write->code) === 1) {
            return;
        }
        [$base, $failureType] = [...explode('-', $write->code, 2), '00'];
        try {
            StandardCode::fromText($base);
        } catch (InvalidArgumentException) {
            throw UnfitAction::notACode($write->code);
        }
        if (preg_match(self::FAILURE_TYPE, $failureType) !== 1) {
            throw UnfitAction::notACode($write->code);
        }
    }

    private static function written(Job $job, WriteReading $write): void
    {
        $step = $job->step($write->of);
        if ($step === null || ! array_key_exists($write->feature, $step->observation->values)) {
            throw UnfitAction::showedNothing('of');
        }
        if ($write->value === null && $write->word === '') {
            throw UnfitAction::nothingWritten();
        }
        $shown = $step->observation->number($write->feature);
        if ($write->value !== null && ($shown === null || WrittenUnit::tryFrom($write->unit)?->quantity() !== $shown->unit)) {
            throw UnfitAction::wrongUnit($write->unit);
        }
    }

    /** @param  list<string>  $known */
    private static function known(string $field, string $value, array $known): void
    {
        if (! in_array($value, $known, true)) {
            throw UnfitAction::unknown($field, $value);
        }
    }

    /** @param  float  $perUnit  how many of the field's unit make one of the value's */
    private static function within(string $field, float $value, float $greatest, float $perUnit): void
    {
        if (! is_finite($value) || $value < 0.0 || $value > $greatest) {
            throw UnfitAction::outOfRange($field, 0.0, $greatest * $perUnit);
        }
    }
}
