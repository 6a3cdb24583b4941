<?php

declare(strict_types=1);

namespace Lernfall\Bay\ClosedGround;

use Lernfall\Bay\Contract\Drives;
use Lernfall\Drive\Drive;
use Lernfall\Drive\FreeDrive;

/** Pulling away on closed ground with the throttle open, after a way there with the module watching. */
final readonly class PullAway implements Drives
{
    /** On the way to where it is done. */
    private const WAY_METRES_PER_SECOND = 5.6;

    private const WAY_SECONDS = 10.0;

    public function __construct(public Footing $footing)
    {
    }

    public function name(): string
    {
        return 'pull-away';
    }

    public function rate(): string
    {
        return 'pull-away';
    }

    public function question(): string
    {
        return "pull-away {$this->footing->value}";
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
}
