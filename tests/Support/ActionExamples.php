<?php

declare(strict_types=1);

namespace Tests\Support;

use Lernfall\Bay\Rooms;

/** One of every action in its JSON form, and every way of its settings to be wrong. */
final class ActionExamples
{
    /** @return array<string, array<string, mixed>> by the name of the action */
    public static function all(): array
    {
        $examples = [];
        foreach (Rooms::procedures()->all() as $procedure) {
            $examples[$procedure->name()] = ['do' => $procedure->name(), ...$procedure->example()];
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

    /** @return list<array{string, string, mixed}> */
    private static function wrongWords(): array
    {
        return [
            ['secure', 'step', 'jump'], ['ignition', 'to', 'ON'], ['look', 'at', 'engine'], ['look', 'manner', 'quickly'], ['measure', 'function', 'amperes'],
            ['inject', 'shape', 'noise'], ['provoke', 'how', 'kick'], ['repair', 'kind', 'paint'], ['write-code', 'status', 'maybe'],
            ['write-reading', 'judgement', 'fine'], ['mark-station', 'mark', 'guilty'],
        ];
    }
}
