<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

use InvalidArgumentException;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Contract\WorksheetEntry;
use Lernfall\Bay\Job\Job;
use Lernfall\Module\StandardCode;
use Lernfall\Vehicle\Vehicle;

/** Whether what is written makes sense on this card. */
final readonly class WorksheetCheck
{
    /** Of the maker: decimal, or hexadecimal with four digits. */
    private const OWN_NUMBER = '~^(\d{3,5}|[0-9A-F]{4})$~';

    private const FAILURE_TYPE = '~^[0-9A-F]{2}$~';

    /** @throws UnfitAction */
    public static function check(Job $job, WorksheetEntry $action): void
    {
        $vehicle = $job->case->sound;
        match (true) {
            $action instanceof MarkStation => self::station($vehicle, $action->channel, $action->station),
            $action instanceof NameCause => self::cause($job, $action),
            $action instanceof WriteCode => self::code($vehicle, $action),
            $action instanceof WriteReading => self::written($job, $action),
            default => null,
        };
    }

    private static function station(Vehicle $vehicle, string $channel, string $station): void
    {
        SettingRange::known('station', $station, array_keys(Vocabulary::DEFECTS));
        SettingRange::known('channel', $channel, in_array($station, ['module', ...Vocabulary::OFF_THE_PATH], true) ? [...$vehicle->channelIds(), Vehicle::WHOLE] : $vehicle->channelIds());
    }

    private static function cause(Job $job, NameCause $cause): void
    {
        self::station($job->case->sound, $cause->channel, $cause->station);
        SettingRange::known('defect', $cause->defect, Vocabulary::DEFECTS[$cause->station] ?? []);
        SettingRange::known('expects', $cause->expects, Vocabulary::EXPECTATIONS);
        foreach ($cause->supports as $number) {
            $step = $job->step($number);
            if ($step === null || ! ($step->action instanceof WriteReading || $step->action instanceof WriteCode)) {
                throw UnfitAction::notWrittenDown($number);
            }
        }
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
}
