<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Provocation;

/** A drive that somebody makes, and what it can bring to show. */
interface Journey
{
    /** Permanent name, as it stands in "route". */
    public function key(): string;

    public function drive(): Drive;

    /** Whether what is provoked in this way can show on it at all. */
    public function provokes(Provocation $provocation, HubWarming $hubs): bool;

    /** When what is provoked in this way shows first; null where nothing is steady enough to tell. */
    public function shows(Provocation $provocation, HubWarming $hubs): ?Moment;
}
