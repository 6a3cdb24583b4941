<?php

declare(strict_types=1);

namespace App\Accounts\Roster;

/**
 * A table as another program wrote it: whatever letters, whatever between its columns. Encodings are told by their mark, or by
 * what cannot be anything else; quoting is that of RFC 4180.
 */
final readonly class RosterText
{
    private const MARKS = ["\xEF\xBB\xBF" => 'UTF-8', "\xFF\xFE" => 'UTF-16LE', "\xFE\xFF" => 'UTF-16BE'];

    private const DELIMITERS = [';', ',', "\t", '|'];

    /** Lines by which the delimiter is told. */
    private const LOOKED_AT = 20;

    /** @param  list<array{int, list<string>}>  $rows  with the line each begins in */
    private function __construct(public string $encoding, public string $delimiter, public array $rows)
    {
    }

    public static function read(string $bytes): self
    {
        $encoding = self::encoding($bytes);
        $text = (string) mb_convert_encoding(self::withoutMark($bytes), 'UTF-8', $encoding);
        $text = str_replace(["\r\n", "\r"], "\n", $text);
        $delimiter = self::delimiter($text);

        return new self($encoding, $delimiter, self::rows($text, $delimiter));
    }

    private static function encoding(string $bytes): string
    {
        foreach (self::MARKS as $mark => $encoding) {
            if (str_starts_with($bytes, $mark)) {
                return $encoding;
            }
        }
        $zeros = substr_count($bytes, "\0");
        if ($zeros > strlen($bytes) / 4) { // half of what is written in Latin letters
            return ($bytes[0] ?? '') === "\0" ? 'UTF-16BE' : 'UTF-16LE';
        }

        return mb_check_encoding($bytes, 'UTF-8') ? 'UTF-8' : 'Windows-1252';
    }

    private static function withoutMark(string $bytes): string
    {
        foreach (array_keys(self::MARKS) as $mark) {
            if (str_starts_with($bytes, $mark)) {
                return substr($bytes, strlen($mark));
            }
        }

        return $bytes;
    }

    /** The one by which most rows have as many columns as the first, and more than one. */
    private static function delimiter(string $text): string
    {
        $start = implode("\n", array_slice(explode("\n", $text), 0, self::LOOKED_AT));
        $best = [0, self::DELIMITERS[0]];
        foreach (self::DELIMITERS as $delimiter) {
            $counts = array_map(static fn (array $row): int => count($row[1]), self::rows($start, $delimiter));
            $alike = ($counts[0] ?? 1) > 1 ? count(array_filter($counts, static fn (int $one): bool => $one === $counts[0])) : 0;
            $best = $alike > $best[0] ? [$alike, $delimiter] : $best;
        }

        return $best[1];
    }

    /** @return list<array{int, list<string>}> those that hold something */
    private static function rows(string $text, string $delimiter): array
    {
        $stream = fopen('php://memory', 'r+b');
        if ($stream === false) {
            return [];
        }
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        $line = 1;
        while (($cells = fgetcsv($stream, null, $delimiter, '"', '')) !== false) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), $cells);
            if (implode('', $cells) !== '') {
                $rows[] = [$line, $cells];
            }
            $line += 1 + substr_count(implode('', $cells), "\n");
        }
        fclose($stream);

        return $rows;
    }
}
