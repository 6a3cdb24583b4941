<?php

declare(strict_types=1);

namespace Tests\Hostile;

use Lernfall\Chance\Draw;

/** Values that a JSON schema allows, and now and then one that it does not, drawn from a number. */
final class DrawnFromSchema
{
    /** Chance of something no page of ours would send. */
    private const ODD = 0.06;

    private const HOSTILE = ['', "\0", '../../etc/passwd', "'; drop table attempts; --", '<script>', '٣', 'FR.module-plug.wheel.99', 1.0e14, -1, 0, true, null, [], [[]], ['a' => 1]];

    private int $drawn = 0;

    /** @param  list<string>  $texts  that mean something on the car */
    public function __construct(private readonly Draw $draw, private readonly array $texts)
    {
    }

    /** @param  array<string, mixed>  $schema */
    public function value(array $schema): mixed
    {
        if ($this->chance(self::ODD)) {
            return $this->one(self::HOSTILE);
        }

        return match (true) {
            array_key_exists('const', $schema) => $schema['const'],
            isset($schema['enum']) && is_array($schema['enum']) => $this->one(array_values($schema['enum'])),
            default => $this->typed($schema, $this->type($schema)),
        };
    }

    /**
     * @template T
     *
     * @param  list<T>  $of
     * @return T
     */
    public function one(array $of): mixed
    {
        return $of[(int) floor($this->uniform() * count($of))];
    }

    /** @param  array<string, mixed>  $schema */
    private function type(array $schema): string
    {
        $types = array_values(array_filter((array) ($schema['type'] ?? 'string'), is_string(...)));

        return $types === [] ? 'string' : $this->one($types);
    }

    /** @param  array<string, mixed>  $schema */
    private function typed(array $schema, string $type): mixed
    {
        return match ($type) {
            'object' => $this->object($schema),
            'array' => $this->list($schema),
            'boolean' => $this->chance(0.5),
            'integer' => (int) round($this->number($schema)),
            'number' => $this->number($schema),
            'null' => null,
            default => $this->one($this->texts),
        };
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return array<array-key, mixed>
     */
    private function object(array $schema): array
    {
        $required = (array) ($schema['required'] ?? []);
        $object = [];
        foreach ((array) ($schema['properties'] ?? []) as $name => $property) {
            if (is_array($property) && (in_array($name, $required, true) || $this->chance(0.3))) {
                $object[$name] = $this->value($property);
            }
        }

        return $object;
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<mixed>
     */
    private function list(array $schema): array
    {
        $least = is_int($schema['minItems'] ?? null) ? $schema['minItems'] : 0;
        $most = is_int($schema['maxItems'] ?? null) ? $schema['maxItems'] : $least + 3;
        $items = is_array($schema['items'] ?? null) ? $schema['items'] : [];
        $list = [];
        for ($count = $least + (int) floor($this->uniform() * ($most - $least + 1)); $count > 0; $count--) {
            $list[] = $this->value($items);
        }

        return $list;
    }

    /** @param  array<string, mixed>  $schema */
    private function number(array $schema): float
    {
        $least = is_numeric($schema['minimum'] ?? null) ? (float) $schema['minimum'] : 0.0;
        $most = is_numeric($schema['maximum'] ?? null) ? (float) $schema['maximum'] : $least + 100.0;

        return $this->chance(0.2) ? $this->one([$least, $most]) : round($least + ($most - $least) * $this->uniform(), 3);
    }

    private function chance(float $chance): bool
    {
        return $this->uniform() < $chance;
    }

    private function uniform(): float
    {
        return $this->draw->uniform((string) $this->drawn++);
    }
}
