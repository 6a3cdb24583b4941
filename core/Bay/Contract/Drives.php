<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** May take the car on a drive: a fault that comes and goes is drawn anew for each. */
interface Drives extends CarAction
{
    public function isDrive(): bool;
}
