<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Provocation;

/** A drive put together from stretches, each pulled away to, held and stopped from. */
final readonly class FreeDrive implements Journey
{
    public const KEY = 'free';

    /** Hubs and sensors are warm after this long at any speed. */
    private const WARM_AFTER_SECONDS = 420.0;

    private const UNTIL_IT_SHOWS = 2.0;

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

    public function provokes(Provocation $provocation): bool
    {
        $needed = Provoking::ground($provocation);

        return match (true) {
            $provocation === Provocation::Heat => $this->drive()->seconds() >= self::WARM_AFTER_SECONDS,
            $needed === null => true,
            default => $this->drive()->secondsOn($needed) > 0.0,
        };
    }

    public function shows(Provocation $provocation): ?Moment
    {
        $ground = Provoking::ground($provocation);

        return $ground !== null ? $this->drive()->into($ground, self::UNTIL_IT_SHOWS) : $this->drive()->late();
    }
}
