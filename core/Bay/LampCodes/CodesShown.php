<?php

declare(strict_types=1);

namespace Lernfall\Bay\LampCodes;

use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Worksheet\CodeChange;
use Lernfall\Bay\Worksheet\Vocabulary;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Module\Blinking;
use Lernfall\Module\CodeStatus;

/** Codes of the brake module, in whichever way a car shows and clears them. */
final readonly class CodesShown
{
    /** The status of a code that a lamp blinks: it tells none. */
    public const NO_STATUS = '';

    /** @return ?array<array-key, string> status by code, empty where none is stored; null where the step shows no codes of the brake module */
    public static function at(Step $step): ?array
    {
        $action = $step->action;

        return match (true) {
            $action instanceof ReadCodes => $step->observation->word('answer') === 'yes' ? self::listed($step->observation) : null,
            $action instanceof WatchLamp, $action instanceof CyclePower => self::blinked($step),
            default => null,
        };
    }

    /**
     * Whether a list is as it was written down; a lamp tells no status, and none is asked for.
     *
     * @param  array<array-key, string>  $codes  status by code
     */
    public static function agree(array $codes, WriteCode $written): bool
    {
        return match (true) {
            $written->code === Vocabulary::NO_CODE => $codes === [],
            $written->change === CodeChange::Gone => ! isset($codes[$written->code]),
            default => in_array($codes[$written->code] ?? null, [$written->status, self::NO_STATUS], true),
        };
    }

    /** Whether the brake module was asked for its codes, rightly or not. */
    public static function areAskedFor(Step $step): bool
    {
        return $step->action instanceof ReadCodes || $step->action instanceof WatchLamp || $step->action instanceof CyclePower;
    }

    /** Whether the brake module was asked rightly, and did not answer, be it to a scan tool or by its lamp. */
    public static function isSilent(Step $step): bool
    {
        $action = $step->action;
        $rules = $step->before->sound->module->lampCodes;

        return match (true) {
            $action instanceof ReadCodes => $action->system === ReadCodes::BRAKES && ! $action->mistakes($step->before->sound->id) && $step->observation->kind === 'no-answer',
            $action instanceof WatchLamp => $step->before->state->session->connectorOpen && $step->before->state->isPowered() && ! $step->before->state->session->checkMode && self::blinked($step) === null,
            $action instanceof CyclePower => $rules?->cycle?->isMetBy($action->onSeconds, $action->offSeconds) === true && self::blinked($step) === null,
            default => false,
        };
    }

    /** Whether this step has emptied the memory of the brake module. */
    public static function areCleared(Step $step): bool
    {
        return $step->wasDone() && match (true) {
            $step->action instanceof ClearCodes => $step->observation->word('answer') === 'yes',
            $step->action instanceof CyclePower => $step->before->vehicle->module->lampCodes?->cycle?->isClearedBy($step->action->onSeconds, $step->action->offSeconds) === true,
            $step->action instanceof PressPedal => $step->after->state->memory != $step->before->state->memory,
            default => false,
        };
    }

    /** @return array<array-key, string> */
    private static function listed(Observation $observation): array
    {
        $words = array_map(static fn (CodeStatus $one): string => $one->value, CodeStatus::cases());
        $codes = [];
        foreach ($observation->values as $code => $word) {
            if (is_string($word) && in_array($word, $words, true)) {
                $codes[$code] = $word;
            }
        }

        return $codes;
    }

    /** @return ?array<array-key, string> */
    private static function blinked(Step $step): ?array
    {
        $rules = $step->after->vehicle->module->lampCodes;
        $lamp = $step->observation->word('lamp');
        if ($rules === null || $step->after->state->session->checkMode || ! str_contains($lamp, ' ')) {
            return null;
        }

        return array_fill_keys(Blinking::fromText($lamp)->counted($rules), self::NO_STATUS);
    }
}
