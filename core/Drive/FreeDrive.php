<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Provocation;

/** A drive put together from stretches, each pulled away to, held and stopped from. */
final readonly class FreeDrive implements Journey
{
    public const KEY = 'free';

    /** @param  non-empty-list<array{float, Ground, float}>  $stretches  metres a second, ground, seconds held */
    public function __construct(public array $stretches)
    {
    }

    public static function straight(float $metresPerSecond, float $seconds): self
    {
        return new self([[$metresPerSecond, Ground::Straight, $seconds]]);
    }

    public function key(): string
    {
        return self::KEY;
    }

    public function drive(): Drive
    {
        return Drive::over(...array_map(static fn (array $one): array => [$one[0], [[$one[1], $one[2]]]], $this->stretches));
    }

    public function provokes(Provocation $provocation, HubWarming $hubs): bool
    {
        return Provoking::on($this->drive(), $provocation, $hubs);
    }

    public function shows(Provocation $provocation, HubWarming $hubs): ?Moment
    {
        return Provoking::shows($this->drive(), $provocation, $hubs);
    }
}
