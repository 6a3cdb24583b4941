<?php

declare(strict_types=1);

namespace App\Http\Resources;

use App\Attempts\MarksTable;
use App\Strings;

/**
 * The marks of a group as a table for another program: RFC 4180, UTF-8 with its mark. What a spreadsheet would take for a formula is
 * written as text.
 *
 * @phpstan-import-type Column from MarksTable
 * @phpstan-import-type Line from MarksTable
 * @phpstan-import-type Entry from MarksTable
 */
final readonly class MarksCsv
{
    private const MARK = "\xEF\xBB\xBF";

    /** @param  array{cases: list<Column>, people: list<Line>}  $table */
    public static function of(array $table): string
    {
        $lines = [[Strings::text('marks.name'), Strings::text('people.sign-in'), ...array_column($table['cases'], 'name'), Strings::text('marks.points'), Strings::text('marks.out-of'), Strings::text('marks.grade')]];
        foreach ($table['people'] as $person) {
            $lines[] = [$person['name'], $person['signIn'], ...array_map(self::cell(...), $person['marks']), self::number($person['points']), self::number($person['outOf']), $person['grade'] ?? ''];
        }

        return self::MARK.implode('', array_map(static fn (array $line): string => implode(',', array_map(self::quoted(...), $line))."\r\n", $lines));
    }

    /** @param  Entry  $mark */
    private static function cell(array $mark): string
    {
        return $mark['points'] === null ? Strings::text("marks.state.$mark[state]") : self::number($mark['points']);
    }

    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 2, '.', ''), '0'), '.');
    }

    private static function quoted(string $cell): string
    {
        $plain = preg_match('/^[=+\-@\t\r]/', $cell) === 1 ? "'$cell" : $cell;

        return preg_match('/[",\r\n]/', $plain) === 1 ? '"'.str_replace('"', '""', $plain).'"' : $plain;
    }
}
