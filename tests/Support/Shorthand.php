<?php

declare(strict_types=1);

namespace Tests\Support;

use InvalidArgumentException;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\LampCodes\CodesShown;
use Lernfall\Bay\Worksheet\WriteCode;
use Lernfall\Bay\Worksheet\WriteReading;

/**
 * Whole jobs in a few words a line, for tests: "key on", "codes", "write codes", "write codes moved", "open FR.sensor-plug", "ohms PAD PAD", "out",
 * "in = 9999 kΩ", "cause FR sensor open", "fix replace-sensor FR", "prove". A line that begins with + or - belongs to one of two
 * jobs only.
 */
final class Shorthand
{
    private const UNITS = ['ohms' => ['Ω', 1.0], 'volts' => ['V', 1.0], 'amperes' => ['A', 1.0], 'metres' => ['mm', 1000.0], 'hertz' => ['Hz', 1.0], 'metresPerSecond' => ['km/h', 3.6]];

    private const KEYS = ['off' => 'off', 'on' => 'on', 'running' => 'running'];

    /** @param  list<string>  $lines */
    public static function play(Played $played, array $lines): Played
    {
        foreach ($lines as $line) {
            self::line($played, trim($line));
        }

        return $played;
    }

    /**
     * The lines of one of the two jobs.
     *
     * @param  list<string>  $lines
     * @return list<string>
     */
    public static function of(array $lines, string $which): array
    {
        $mine = array_filter($lines, static fn (string $line): bool => ! in_array($line[0], ['+', '-'], true) || $line[0] === $which);

        return array_values(array_map(static fn (string $line): string => ltrim($line, '+- '), $mine));
    }

    private static function line(Played $played, string $line): void
    {
        $words = explode(' ', $line);
        match ($words[0]) {
            'key' => $played->do(['do' => 'ignition', 'to' => self::KEYS[$words[1]]]),
            'lamps' => $played->do(['do' => 'look-at-lamps']),
            'codes' => $played->do(['do' => 'read-codes']),
            'write' => self::writeCodes($played, $words[2] ?? null),
            'open' => $played->do(['do' => 'unplug', 'plug' => $words[1]]),
            'join' => $played->do(['do' => 'join', 'plug' => $words[1]]),
            'ohms', 'volts-dc', 'volts-ac' => $played->do(['do' => 'measure', 'function' => $words[0], 'first' => $words[1], 'second' => $words[2]]),
            'look' => $played->do(['do' => 'look', 'channel' => $words[1], 'at' => $words[2]]),
            'in', 'out', 'unsure', 'differs', 'says-nothing' => self::writeReading($played, $words[0], $words),
            'cause' => $played->do(['do' => 'name-cause', 'channel' => $words[1], 'station' => $words[2], 'defect' => $words[3], 'supports' => self::entries($played), 'expects' => 'code-stays-away']),
            'stands' => $played->secured(),
            'down' => $played->do(['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock']),
            'fix' => $played->do(['do' => 'repair', 'kind' => $words[1], 'channel' => $words[2]]),
            'hold' => $played->do(['do' => 'provoke', 'how' => $words[1], 'channel' => $words[2]]),
            'turn' => $played->do(['do' => 'turn-wheel', 'channel' => $words[1], 'turnsPerSecond' => (float) $words[2]]),
            'drive' => $played->do(['do' => 'road-test', 'route' => $words[1] ?? 'usual']),
            'clear' => $played->do(['do' => 'clear-codes']),
            'strike' => $played->do(['do' => 'strike-out', 'entry' => self::entries($played)[count(self::entries($played)) - 1]]),
            'prove' => self::play($played, ['key running', 'clear', 'drive', 'codes', 'close']),
            'close' => $played->do(['do' => 'conclude']),
            default => $line[0] === '{' ? $played->do((array) json_decode($line, true, flags: JSON_THROW_ON_ERROR)) : throw new InvalidArgumentException($line),
        };
    }

    /** @return list<int> steps that have written something */
    private static function entries(Played $played): array
    {
        $entries = array_filter($played->job->steps, static fn ($step): bool => ($step->action instanceof WriteReading || $step->action instanceof WriteCode) && ! $played->job->isStruckOut($step->number));

        return array_values(array_map(static fn ($step): int => $step->number, $entries));
    }

    /** @param  ?string  $change  what became of them since parts were moved or joined */
    private static function writeCodes(Played $played, ?string $change): void
    {
        $said = $change === null ? [] : ['change' => $change];
        $read = array_values(array_filter($played->job->steps, static fn ($step): bool => CodesShown::at($step) !== null));
        $codes = $read === [] ? [] : CodesShown::at($read[count($read) - 1]) ?? [];
        foreach ($codes as $code => $status) {
            $played->do(['do' => 'write-code', 'code' => (string) $code, 'status' => $status === '' ? 'present' : $status, ...$said]);
        }
        if ($codes === []) {
            $played->do(['do' => 'write-code', 'code' => 'none', 'status' => '', ...$said]);
        }
    }

    /** @param  list<string>  $words  the judgement, perhaps a feature, perhaps "= value unit" */
    private static function writeReading(Played $played, string $judgement, array $words): void
    {
        $of = max([0, ...array_map(static fn ($step): int => $step->observation->values === [] ? 0 : $step->number, $played->job->steps)]);
        $values = $played->job->step($of)->observation->values ?? [];
        $wanted = ($words[1] ?? '=') === '=' ? array_map(strval(...), array_keys($values)) : [$words[1]];
        $given = array_search('=', $words, true);
        foreach ($wanted as $feature) {
            $shown = $values[$feature] ?? '';
            $number = $shown instanceof ObservedNumber && ! $shown->overload;
            [$unit, $factor] = $number ? self::UNITS[$shown->unit] ?? ['', 1.0] : ['', 1.0];
            $entry = [
                'do' => 'write-reading', 'of' => $of, 'feature' => $feature, 'judgement' => $judgement, 'comparedWith' => 'data sheet',
                'value' => $number ? $shown->si * $factor : null, 'unit' => $unit, 'word' => $number ? '' : (is_string($shown) ? $shown : 'open'),
            ];
            try {
                $played->do($given === false ? $entry : [...$entry, 'value' => (float) $words[$given + 1], 'unit' => $words[$given + 2] ?? '', 'word' => '']);
            } catch (UnfitAction) {
                continue; // not everything that is shown has a place on the card
            }
        }
    }
}
