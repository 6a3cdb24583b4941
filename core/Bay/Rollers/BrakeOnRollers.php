<?php

declare(strict_types=1);

namespace Lernfall\Bay\Rollers;

use Lernfall\Bay\Contract\CarAction;

/** Drives an axle onto the roller bench and brakes on it, evenly and then held. */
final readonly class BrakeOnRollers implements CarAction
{
    /** @param  string  $axle  "front" or "rear" */
    public function __construct(public string $axle)
    {
    }

    public function name(): string
    {
        return 'brake-on-rollers';
    }

    public function rate(): string
    {
        return 'brake-on-rollers';
    }

    public function question(): string
    {
        return "brake-on-rollers $this->axle";
    }
}
