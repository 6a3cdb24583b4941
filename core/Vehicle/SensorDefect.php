<?php

declare(strict_types=1);

namespace Lernfall\Vehicle;

/** What can be wrong inside a sensor, or with the part that was fitted. Not every technology can have each. */
enum SensorDefect
{
    case CoilOpen;
    /** Strength: the share of the windings that are shorted. */
    case CoilShorted;
    /** Strength: ohms from the middle of the coil to the housing. */
    case CoilGrounded;
    /** Its cable is broken inside the insulation. */
    case CableBroken;
    case Dead;
    case Shorted;
    case StuckLow;
    case StuckHigh;
    /** A part for another car. Strength: its share of the values the module reckons with. */
    case OtherMake;
    /** A part of another make for the same car: only its winding has other ohms. Strength: their share of the usual ones. */
    case OtherWinding;
    /** A part that reads along the axle instead of across it, or the other way round. Strength: the share of the ring it feels. */
    case OtherDirection;
}
