<?php

declare(strict_types=1);

namespace Lernfall\Bay\Car;

use Lernfall\Vehicle\Vehicle;

/** Parts of the car's own that lie on the bench while a part from the shelf is tried in their place. */
final readonly class RemovedParts
{
    /** @param  array<string, array{KnownGoodPart, string, Vehicle}>  $parts  with its place, and the vehicle as it was with it, by "part@place" */
    private function __construct(private array $parts)
    {
    }

    public static function none(): self
    {
        return new self([]);
    }

    public function isEmpty(): bool
    {
        return $this->parts === [];
    }

    public function has(KnownGoodPart $part, string $place): bool
    {
        return isset($this->parts[self::key($part, $place)]);
    }

    /** @param  Vehicle  $vehicle  as it is with its own part */
    public function with(KnownGoodPart $part, string $place, Vehicle $vehicle): self
    {
        return new self([self::key($part, $place) => [$part, $place, $vehicle]] + $this->parts);
    }

    public function without(KnownGoodPart $part, string $place): self
    {
        return new self(array_diff_key($this->parts, [self::key($part, $place) => true]));
    }

    /** The vehicle with this part of its own back in its place. */
    public function returned(KnownGoodPart $part, string $place, Vehicle $vehicle): Vehicle
    {
        $laid = $this->parts[self::key($part, $place)] ?? null;

        return $laid === null ? $vehicle : $part->takenFrom($laid[2], $vehicle, $place);
    }

    /** The vehicle with all its own parts back in their places. */
    public function allReturned(Vehicle $vehicle): Vehicle
    {
        foreach ($this->parts as [$part, $place]) {
            $vehicle = $this->returned($part, $place, $vehicle);
        }

        return $vehicle;
    }

    /** @return list<array{KnownGoodPart, string}> which parts are being tried, and where */
    public function all(): array
    {
        return array_map(static fn (array $one): array => [$one[0], $one[1]], array_values($this->parts));
    }

    /** @return list<string> "part@place" of each */
    public function names(): array
    {
        $names = array_keys($this->parts);
        sort($names);

        return $names;
    }

    private static function key(KnownGoodPart $part, string $place): string
    {
        return "$part->value@$place";
    }
}
