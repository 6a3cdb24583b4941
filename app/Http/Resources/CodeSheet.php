<?php

declare(strict_types=1);

namespace App\Http\Resources;

use Lernfall\Module\Failure;
use Lernfall\Module\PartsCheck;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\CheckMode;
use Lernfall\Vehicle\LampCodes;
use Lernfall\Vehicle\Vehicle;

/** What a car's codes mean, and how it is brought to tell them where it takes more than a scan tool. */
final readonly class CodeSheet
{
    /** @return array<string, mixed> */
    public static function of(Vehicle $sound): array
    {
        $codes = [];
        foreach ($sound->channelIds() as $channel) {
            foreach (Failure::ofChannels() as $failure) {
                $code = $sound->module->dialect->code($channel, $failure->value);
                if ($code !== '') {
                    $codes["$channel/$code"] ??= ['code' => (string) $code, 'channel' => $channel, 'port' => $sound->module->dialect->ports[$channel] ?? '', 'own' => $sound->module->dialect->ownNumbers[$code] ?? '', 'failures' => []];
                    $codes["$channel/$code"]['failures'][] = $failure->value;
                }
            }
        }

        foreach ((new PartsCheck($sound->brakeParts, $sound->module->dialect))->subjects() as $part) {
            $failure = match ($part) {
                BrakeParts::STOP_LAMP_SWITCH => Failure::Stuck,
                PartsCheck::SUPPLY => Failure::LowVolts,
                PartsCheck::UNIT => Failure::NotCoded,
                default => Failure::Open,
            };
            $codes[$part] = ['code' => $sound->module->dialect->code($part, $failure->value), 'channel' => $part, 'port' => '', 'own' => '', 'failures' => [$failure->value]];
        }

        return ['codes' => array_values($codes), 'lampCodes' => $sound->module->lampCodes === null ? null : self::rules($sound->module->lampCodes)];
    }

    /** @return array<string, mixed> */
    private static function rules(LampCodes $rules): array
    {
        return [
            'clearPresses' => $rules->clearing->clearPresses,
            'clearWithinSeconds' => $rules->clearing->clearWithinSeconds,
            'check' => $rules->check === null ? null : self::check($rules->check),
            'cycle' => $rules->cycle === null ? null : ['onSeconds' => $rules->cycle->onSeconds, 'offSeconds' => $rules->cycle->offSeconds, 'clearOnSeconds' => $rules->cycle->clearOnSeconds],
        ];
    }

    /** @return array<string, mixed> */
    private static function check(CheckMode $check): array
    {
        return [
            'presses' => $check->presses,
            'withinSeconds' => $check->withinSeconds,
            'leavesAfterPresses' => $check->leavesAfterPresses,
            'levelKilometresPerHour' => $check->level->metresPerSecond * 3.6,
            'levelWithinKilometresPerHour' => $check->level->withinMetresPerSecond * 3.6,
            'steadyKilometresPerHour' => $check->steady->metresPerSecond * 3.6,
            'steadyWithinKilometresPerHour' => $check->steady->withinMetresPerSecond * 3.6,
            'levelCodes' => (object) $check->levelCodes,
            'steadyCodes' => (object) $check->steadyCodes,
        ];
    }
}
