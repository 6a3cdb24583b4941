<?php

declare(strict_types=1);

namespace App\Attempts;

/** The stages of work in their order, and what is done at which (common practice, no source). */
final readonly class Stages
{
    private const DONE_AT = [
        'complaint' => [],
        'verify' => ['look-at-lamps', 'ignition', 'press-pedal', 'parking-brake'],
        'codes' => ['read-codes', 'watch-lamp', 'cycle-power', 'clear-codes', 'write-code', 'end-session'],
        'look' => ['look', 'rock-wheel', 'gauge-gap', 'provoke'],
        'measure' => [
            'measure', 'prove-meter', 'connect-leads', 'clamp-current', 'fit-breakout', 'check-connector', 'capture', 'inject', 'feed-sensor', 'live-speeds', 'read-switches',
            'test-actuator', 'unplug', 'join', 'turn-wheel', 'run-axle', 'write-reading', 'write-sensor',
        ],
        'repair' => ['repair', 'swap-sensors', 'fit-trial-part', 'name-cause'],
        'prove' => ['road-test', 'record-drive', 'stop-on-closed-ground', 'record-stop', 'pull-away', 'drive-freely', 'conclude'],
    ];

    /** @return list<string> */
    public static function inOrder(): array
    {
        return array_keys(self::DONE_AT);
    }

    /** Null for what belongs to no one of them: lifting the car, looking something up. */
    public static function of(string $action): ?string
    {
        foreach (self::DONE_AT as $stage => $actions) {
            if (in_array($action, $actions, true)) {
                return $stage;
            }
        }

        return null;
    }
}
