<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** What of a car a test looks at. */
enum TestReach
{
    /** The channel it is made at, so that an untouched one shows what a sound car shows. */
    case Channel;

    /** The hydraulic unit with its wires and brakes only, so that cars with the same unit show the same. */
    case Unit;

    /** More than that. */
    case Car;
}
