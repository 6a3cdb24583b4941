<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Contract\Drives;
use Lernfall\Drive\Drive;
use Lernfall\Drive\FreeDrive;

/** A drive on closed ground put together from parts: throttle, brake and steering one after the other, from a standstill. */
final readonly class DriveFreely implements Drives
{
    /** On the way to where it is done, with the module watching. */
    private const WAY_METRES_PER_SECOND = 5.6;

    private const WAY_SECONDS = 10.0;

    /** @param  non-empty-list<FreeStretch>  $parts */
    public function __construct(public Footing $footing, public array $parts)
    {
    }

    public function name(): string
    {
        return 'drive-freely';
    }

    public function rate(): string
    {
        return 'drive-freely';
    }

    public function question(): string
    {
        return implode(' ', ['drive-freely', $this->footing->value, ...array_map(static fn (FreeStretch $one): string => $one->text(), $this->parts)]);
    }

    public function drive(): Drive
    {
        return $this->journey()->drive();
    }

    /** The way there. */
    public function journey(): FreeDrive
    {
        return FreeDrive::straight(self::WAY_METRES_PER_SECOND, self::WAY_SECONDS);
    }

    public function seconds(): float
    {
        return array_sum(array_map(static fn (FreeStretch $one): float => $one->seconds, $this->parts));
    }

    /** How often it is braked. */
    public function stops(): int
    {
        return count(array_filter($this->parts, static fn (FreeStretch $one): bool => $one->foot->isBraking()));
    }
}
