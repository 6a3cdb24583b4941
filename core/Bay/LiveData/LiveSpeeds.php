<?php

declare(strict_types=1);

namespace Lernfall\Bay\LiveData;

use Lernfall\Bay\Contract\Drives;
use Lernfall\Drive\Drive;
use Lernfall\Drive\FreeDrive;

/** Reads the wheel speeds as the module sees them: standing, or driving straight at a speed. */
final readonly class LiveSpeeds implements Drives
{
    /** How long a speed is held while the live values are read. */
    public const READING_SECONDS = 20.0;

    public function __construct(public float $metresPerSecond)
    {
    }

    public function name(): string
    {
        return 'live-speeds';
    }

    public function rate(): string
    {
        return $this->metresPerSecond > 0.0 ? 'live-speeds.driving' : 'live-speeds.standing';
    }

    public function question(): string
    {
        return 'live-speeds '.$this->metresPerSecond;
    }

    public function drive(): ?Drive
    {
        return $this->metresPerSecond > 0.0 ? FreeDrive::straight($this->metresPerSecond, self::READING_SECONDS)->drive() : null;
    }
}
