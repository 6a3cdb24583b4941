<?php

declare(strict_types=1);

namespace App\Console;

/** What `bench:leak` does on every car, one action after the other: dear ones, and those that show a picture. */
final class TimedActions
{
    /** @return list<array{string, array<string, mixed>}> a name where it is timed, and the action; without a name what is needed between them */
    public static function all(): array
    {
        $pads = ['first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'];
        $trigger = ['secondsPerDivision' => 0.02, 'trigger' => ['input' => 0, 'volts' => 0.0, 'edge' => 'rising']];

        return [
            ['', ['do' => 'ignition', 'to' => 'running']],
            ['usual drive', ['do' => 'road-test']],
            ['drive in left bends', ['do' => 'road-test', 'route' => 'left-bends']],
            ['drive recorded', ['do' => 'record-drive', 'route' => 'usual', 'onCode' => false]],
            ['drive recorded on a code', ['do' => 'record-drive', 'route' => 'left-bends', 'onCode' => true]],
            ['hard stop on dry road', ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 40, 'hard' => true]],
            ['gentle stop', ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 20, 'hard' => false]],
            ['free drive', ['do' => 'drive-freely', 'footing' => 'dry', 'parts' => [['foot' => 'throttle', 'steering' => 'straight', 'seconds' => 3], ['foot' => 'brake-hard', 'steering' => 'straight', 'seconds' => 4]]]],
            ['pulling away with ice under the left wheels', ['do' => 'pull-away', 'footing' => 'ice-left']],
            ['pulling away on ice', ['do' => 'pull-away', 'footing' => 'ice']],
            ['hard stop on wet road', ['do' => 'stop-on-closed-ground', 'footing' => 'wet', 'kilometresPerHour' => 40, 'hard' => true]],
            ['hard stop with ice under the left wheels', ['do' => 'stop-on-closed-ground', 'footing' => 'ice-left', 'kilometresPerHour' => 20, 'hard' => true]],
            ['hard stop from ice onto dry road, recorded', ['do' => 'record-stop', 'footing' => 'ice-then-dry', 'kilometresPerHour' => 20, 'hard' => true]],
            ['pedal tried', ['do' => 'try-pedal']],
            ['speeds at 30 km/h', ['do' => 'live-speeds', 'kilometresPerHour' => 30]],
            ['codes read', ['do' => 'read-codes']],
            ['', ['do' => 'end-session']], ['', ['do' => 'ignition', 'to' => 'off']],
            ['rear wheels on the rollers', ['do' => 'brake-on-rollers', 'axle' => 'rear']],
            ['', ['do' => 'secure', 'step' => 'chock']], ['', ['do' => 'secure', 'step' => 'raise']], ['', ['do' => 'secure', 'step' => 'stand']],
            ['ring looked at', ['do' => 'look', 'channel' => 'FR', 'at' => 'ring']],
            ['cable looked at', ['do' => 'look', 'channel' => 'FR', 'at' => 'cable']],
            ['cable looked at in passing', ['do' => 'look', 'channel' => 'FR', 'at' => 'cable', 'manner' => 'in-passing']],
            ['wheel rocked', ['do' => 'rock-wheel', 'channel' => 'FL']],
            ['gap gauged', ['do' => 'gauge-gap', 'channel' => 'FL']],
            ['', ['do' => 'ignition', 'to' => 'on']],
            ['valves on the lift, let go', ['do' => 'test-actuator', 'part' => 'valves.FL']],
            ['valves on the lift, held before the pedal', ['do' => 'test-actuator', 'part' => 'valves.FL', 'modulation' => 'hold', 'beforePedal' => true]],
            ['valves on the lift, all four', ['do' => 'test-actuator', 'part' => 'valves.FL', 'with' => ['valves.FR', 'valves.RL', 'valves.RR']]],
            ['pump', ['do' => 'test-actuator', 'part' => 'pump']],
            ['', ['do' => 'end-session']], ['', ['do' => 'ignition', 'to' => 'off']],
            ['', ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5]],
            ['one trace', ['do' => 'capture', 'inputs' => [[...$pads, 'voltsPerDivision' => 0.1, 'coupling' => 'dc']], ...$trigger]],
            ['two traces', ['do' => 'capture', 'inputs' => [[...$pads, 'voltsPerDivision' => 0.1, 'coupling' => 'dc'], ['first' => 'FR.module-plug.wheel.1', 'second' => 'body', 'voltsPerDivision' => 0.5, 'coupling' => 'ac']], ...$trigger]],
            ['volts, least and greatest', ['do' => 'measure', 'function' => 'volts-ac', ...$pads, 'records' => true]],
            ['frequency', ['do' => 'measure', 'function' => 'hertz', ...$pads]],
        ];
    }

    /**
     * @param  list<string>  $words  of what is timed only what has one of them in its name; none: all of it
     * @return list<array{string, array<string, mixed>}>
     */
    public static function named(array $words): array
    {
        $isMeant = static fn (string $what): bool => $what === '' || $words === [] || array_filter($words, static fn (string $word): bool => str_contains($what, $word)) !== [];

        return array_values(array_filter(self::all(), static fn (array $one): bool => $isMeant($one[0])));
    }
}
