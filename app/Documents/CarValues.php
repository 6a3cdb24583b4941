<?php

declare(strict_types=1);

namespace App\Documents;

/**
 * The numbers of a car as a case may replace them, each with its place in the car file, its unit and its limits. What only places
 * things on a drawing and what the maker's sheet says is not among them: the sheet stays the maker's.
 *
 * @phpstan-type Value array{pointer: string, path: list<string>, value: float|int, unit: string, least: ?float, above: ?float, most: ?float}
 */
final readonly class CarValues
{
    private const LEFT_OUT = ['dataSheet', 'places', 'tolerances', 'brakeParts', 'hydraulicUnit', 'systems', 'lamps', 'lampCodes'];

    /** By how a name ends; the longer endings first. */
    private const UNITS = [
        'KilometresPerHour' => 'km/h', 'KilogramSquareMetres' => 'kg·m²', 'Kilograms' => 'kg', 'NewtonsAtOneMetrePerSecond' => 'N at 1 m/s', 'MetresPerSecondSquared' => 'm/s²', 'MetresPerSecond' => 'm/s', 'MicrometresPerKelvin' => 'µm/K', 'micrometresPerKelvin' => 'µm/K', 'SquareMillimetres' => 'mm²', 'VoltSeconds' => 'V·s', 'OhmsAt20Celsius' => 'Ω at 20 °C',
        'Milliamperes' => 'mA', 'Millivolts' => 'mV', 'Microseconds' => 'µs', 'Milliseconds' => 'ms', 'Millimetres' => 'mm', 'Metres' => 'm', 'Amperes' => 'A', 'Celsius' => '°C', 'Seconds' => 's', 'Minutes' => 'min', 'Kelvin' => 'K', 'Volts' => 'V', 'Ohms' => 'Ω',
    ];

    /** @param  array<array-key, mixed>  $schema  of car files */
    public function __construct(private array $schema)
    {
    }

    /**
     * @param  array<array-key, mixed>  $car  a car file
     * @return list<Value> in the order of the file
     */
    public function of(array $car): array
    {
        return $this->within($car, [], [$this->schema]);
    }

    /**
     * @param  array<array-key, mixed>  $part
     * @param  list<string>  $path
     * @param  list<array<array-key, mixed>>  $schemas  what may stand here
     * @return list<Value>
     */
    private function within(array $part, array $path, array $schemas): array
    {
        $values = [];
        foreach ($part as $key => $value) {
            $here = [...$path, (string) $key];
            if (in_array($key, self::LEFT_OUT, true)) {
                continue;
            }
            $inside = array_merge(...array_map(fn (array $schema): array => $this->inside($schema, (string) $key), $schemas));
            if (is_array($value)) {
                $values = [...$values, ...$this->within($value, $here, $inside)];
            } elseif (is_int($value) || is_float($value)) {
                $values[] = ['pointer' => '/'.implode('/', $here), 'path' => $here, 'value' => $value, 'unit' => self::unit((string) $key), ...self::limits($inside)];
            }
        }

        return $values;
    }

    /**
     * @param  array<array-key, mixed>  $schema
     * @return list<array<array-key, mixed>> what may stand under a key, in any of its alternatives
     */
    private function inside(array $schema, string $key): array
    {
        $found = [];
        foreach ($this->alternatives($schema) as $one) {
            $next = $one['properties'][$key] ?? (ctype_digit($key) ? $one['items'] ?? null : null) ?? $one['additionalProperties'] ?? null;
            if (is_array($next)) {
                $found = [...$found, ...$this->alternatives($next)];
            }
        }

        return $found;
    }

    /**
     * @param  array<array-key, mixed>  $schema
     * @return list<array<array-key, mixed>>
     */
    private function alternatives(array $schema): array
    {
        if (is_string($schema['$ref'] ?? null)) {
            return $this->alternatives($this->schema['$defs'][basename($schema['$ref'])] ?? []);
        }
        $all = [$schema];
        foreach (['oneOf', 'anyOf', 'allOf'] as $kind) {
            foreach ($schema[$kind] ?? [] as $one) {
                $all = [...$all, ...$this->alternatives($one)];
            }
        }

        return $all;
    }

    /**
     * @param  list<array<array-key, mixed>>  $schemas
     * @return array{least: ?float, above: ?float, most: ?float}
     */
    private static function limits(array $schemas): array
    {
        $limit = static function (string $name) use ($schemas): ?float {
            $all = array_filter(array_column($schemas, $name), is_numeric(...));

            return $all === [] ? null : (float) ($name === 'maximum' ? max($all) : min($all));
        };

        return ['least' => $limit('minimum'), 'above' => $limit('exclusiveMinimum'), 'most' => $limit('maximum')];
    }

    private static function unit(string $name): string
    {
        foreach (self::UNITS as $ending => $unit) {
            if (str_ends_with($name, $ending) || $name === lcfirst($ending)) {
                return $unit;
            }
        }

        return '';
    }
}
