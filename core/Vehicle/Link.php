<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** One stretch of the way from sensor to module: a plug or a cable, with all conductors of the channel. */
interface Link
{
    /** Permanent name within its channel, for example "sensor-plug" or "loom". */
    public function name(): string;
}
