<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Drive\Drive;

/** May take the car on a drive: a fault that comes and goes is drawn anew for each. */
interface Drives extends CarAction
{
    /** The drive it makes; null where the car stands. */
    public function drive(): ?Drive;
}
