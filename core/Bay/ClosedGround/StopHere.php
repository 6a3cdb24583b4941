<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Contract\Drives;
use Lernfall\Drive\Drive;
use Lernfall\Drive\FreeDrive;

/** A stop on closed ground, from a speed, with a gentle foot or a hard one. */
final readonly class StopHere implements Drives
{
    /** No faster than somebody walks beside it, or runs. */
    private const WALKING_KILOMETRES_PER_HOUR = 10;

    /** A run-up, so that what a module watches on a drive is watched. */
    private const HELD_SECONDS = 4.0;

    public function __construct(public Footing $footing, public int $kilometresPerHour, public bool $isHard = true)
    {
    }

    public function name(): string
    {
        return 'stop-on-closed-ground';
    }

    public function rate(): string
    {
        return $this->isWalking() ? 'stop-on-closed-ground.walking' : 'stop-on-closed-ground';
    }

    public function question(): string
    {
        return implode(' ', ['stop-on-closed-ground', $this->footing->value, $this->kilometresPerHour, $this->isHard ? 'hard' : 'gentle']);
    }

    public function isWalking(): bool
    {
        return $this->kilometresPerHour <= self::WALKING_KILOMETRES_PER_HOUR;
    }

    public function drive(): Drive
    {
        return $this->journey()->drive();
    }

    /** The run-up. */
    public function journey(): FreeDrive
    {
        return FreeDrive::straight($this->kilometresPerHour / 3.6, self::HELD_SECONDS);
    }
}
