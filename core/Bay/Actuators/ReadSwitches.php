<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Contract\CarAction;

/** Watches the switches in the live data of the brake module while each is worked. */
final readonly class ReadSwitches implements CarAction
{
    public function name(): string
    {
        return 'read-switches';
    }

    public function rate(): string
    {
        return 'read-switches';
    }

    public function question(): string
    {
        return 'read-switches';
    }
}
