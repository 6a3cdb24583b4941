<?php

declare(strict_types=1);

namespace Lernfall\Module;

/**
 * What a running engine puts into a pair that is not twisted.
 *
 * The tone and its volts per metre are recalled from memory and stand for many: they are chosen so that a mended metre or
 * two is counted by an input for passive sensors.
 */
final readonly class Disturbance
{
    public const HERTZ = 1130.0;

    /** Peak along the loop of the two wires. */
    public const VOLTS_PER_METRE = 0.08;
}
