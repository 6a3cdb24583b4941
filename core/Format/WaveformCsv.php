<?php

declare(strict_types=1);

namespace Lernfall\Format;

use Lernfall\Document\InvalidDocument;

/**
 * Reads a captured waveform: time in seconds, then one or two inputs in volts. With or without a header, separated by
 * commas (RFC 4180) or semicolons; with semicolons, numbers may carry decimal commas.
 */
final readonly class WaveformCsv
{
    private const GREATEST_ROWS = 200000;

    /** How far apart two steps in time may lie from their mean, relative to it. */
    private const UNEVEN = 0.02;

    /** @param  non-empty-list<non-empty-list<float>>  $inputs  volts by input */
    private function __construct(public float $secondsPerSample, public array $inputs)
    {
    }

    /** @throws InvalidDocument naming the line */
    public static function read(string $text): self
    {
        $lines = preg_split('~\R~', trim($text));
        $lines = $lines === false ? [] : $lines;
        if (count($lines) > self::GREATEST_ROWS) {
            throw InvalidDocument::because('', 'waveform.too-many-lines', ['lines' => self::GREATEST_ROWS]);
        }
        $separator = str_contains($lines[0] ?? '', ';') ? ';' : ',';
        $times = [];
        $columns = [];
        foreach ($lines as $index => $line) {
            $numbers = self::numbers($line, $separator);
            if ($numbers === null && $index === 0) {
                continue; // a header
            }
            if ($numbers === null || count($numbers) < 2 || count($numbers) > 3 || ($columns !== [] && count($numbers) !== count($columns) + 1)) {
                throw InvalidDocument::because('/'.($index + 1), 'waveform.columns');
            }
            $times[] = array_shift($numbers);
            foreach ($numbers as $column => $number) {
                $columns[$column][] = $number;
            }
        }
        if (count($times) < 3 || $columns === []) {
            throw InvalidDocument::because('', 'waveform.too-few-lines');
        }

        return new self(self::step($times), array_values($columns));
    }

    /** @return ?list<float> null where the line holds something else */
    private static function numbers(string $line, string $separator): ?array
    {
        $numbers = [];
        foreach (str_getcsv($line, $separator, '"', '') as $cell) {
            $text = trim((string) $cell);
            $text = $separator === ';' ? str_replace(',', '.', $text) : $text;
            if (! is_numeric($text)) {
                return null;
            }
            $numbers[] = (float) $text;
        }

        return $numbers;
    }

    /** @param  non-empty-list<float>  $times */
    private static function step(array $times): float
    {
        $step = ($times[count($times) - 1] - $times[0]) / (count($times) - 1);
        foreach (array_slice($times, 1) as $index => $time) {
            if ($step <= 0.0 || abs($time - $times[$index] - $step) > self::UNEVEN * $step + 1e-12) {
                throw InvalidDocument::because('/'.($index + 2), 'waveform.uneven');
            }
        }

        return $step;
    }
}
