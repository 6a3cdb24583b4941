<?php

declare(strict_types=1);

namespace Tests\Support;

/** One of every action in its JSON form, and every way of its settings to be wrong. */
final class ActionExamples
{
    /** @return array<string, array<string, mixed>> by the name of the action */
    public static function all(): array
    {
        $examples = [];
        foreach (self::settings() as $name => $settings) {
            $examples[$name] = ['do' => $name, ...$settings];
        }

        return $examples;
    }

    /** @return array<string, array{array<string, mixed>, string}> the action, and the pointer an error names */
    public static function broken(): array
    {
        $broken = ['unknown' => [['do' => 'dance'], '/do'], 'nothing done' => [[], '/do']];
        foreach (self::all() as $name => $action) {
            foreach (array_keys($action) as $field) {
                $without = $action;
                unset($without[$field]);
                $broken["$name without $field"] = [$without, "/$field"];
                $broken["$name with a wrong $field"] = [[...$action, $field => is_bool($action[$field]) ? 'yes' : true], "/$field"];
            }
        }
        foreach (self::wrongWords() as [$name, $field, $word]) {
            $broken["$name with '$word' for $field"] = [[...self::all()[$name], $field => $word], "/$field"];
        }

        return $broken;
    }

    /** @return array<string, array<string, mixed>> */
    private static function settings(): array
    {
        $channel = ['channel' => 'FR'];
        $input = ['first' => 'FR.sensor-plug.wheel.1', 'second' => 'body', 'voltsPerDivision' => 0.5, 'coupling' => 'ac'];

        return [
            'look-up-data-sheet' => [], 'secure' => ['step' => 'stand'], 'ignition' => ['to' => 'running'], 'look-at-lamps' => [],
            'read-codes' => [], 'clear-codes' => [], 'look' => [...$channel, 'at' => 'ring'], 'unplug' => ['plug' => 'FR.sensor-plug'],
            'join' => ['plug' => 'FR.sensor-plug'], 'measure' => ['function' => 'volts-ac', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'body'],
            'capture' => ['inputs' => [$input], 'secondsPerDivision' => 0.01, 'trigger' => ['input' => 0, 'volts' => 0.1, 'edge' => 'falling']],
            'inject' => [...$channel, 'shape' => 'sine', 'hertz' => 120.0, 'amplitude' => 0.4], 'gauge-gap' => $channel, 'swap-sensors' => $channel, 'fit-trial-part' => [...$channel, 'part' => 'sensor', 'fitted' => true],
            'connect-leads' => ['leads' => [['first' => 'FR.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.module.1']]], 'fit-breakout' => ['fitted' => true],
            'feed-sensor' => [...$channel, 'volts' => 12.0, 'milliamperes' => 40.0, 'reversed' => false], 'prove-meter' => [], 'rock-wheel' => $channel,
            'provoke' => [...$channel, 'how' => 'wiggle-loom'], 'turn-wheel' => [...$channel, 'turnsPerSecond' => 1.5],
            'live-speeds' => ['kilometresPerHour' => 36.0], 'repair' => [...$channel, 'kind' => 'set-gap'], 'road-test' => [],
            'check-connector' => ['open' => true], 'press-pedal' => ['times' => 8, 'seconds' => 3.0], 'parking-brake' => [], 'watch-lamp' => [],
            'cycle-power' => ['onSeconds' => 1.0, 'offSeconds' => 1.5], 'end-session' => [], 'test-actuator' => ['part' => 'pump'], 'read-switches' => [], 'record-drive' => ['route' => 'left-bends', 'onCode' => true],
            'write-code' => ['code' => 'C0040-13', 'status' => 'present'],
            'write-reading' => ['of' => 3, 'feature' => 'reading', 'value' => 1.34, 'unit' => 'kΩ', 'word' => '', 'judgement' => 'in', 'comparedWith' => 'the other side'],
            'mark-station' => [...$channel, 'station' => 'loom', 'mark' => 'suspect'],
            'name-cause' => [...$channel, 'station' => 'sensor', 'defect' => 'open', 'supports' => [4, 7], 'expects' => 'code-stays-away'],
            'conclude' => [],
        ];
    }

    /** @return list<array{string, string, mixed}> */
    private static function wrongWords(): array
    {
        return [
            ['secure', 'step', 'jump'], ['ignition', 'to', 'ON'], ['look', 'at', 'engine'], ['measure', 'function', 'amperes'],
            ['inject', 'shape', 'noise'], ['provoke', 'how', 'kick'], ['repair', 'kind', 'paint'], ['write-code', 'status', 'maybe'],
            ['write-reading', 'judgement', 'fine'], ['mark-station', 'mark', 'guilty'],
        ];
    }
}
