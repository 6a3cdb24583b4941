<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

/** Why an action was not carried out. The car stays as it was. */
enum Refusal: string
{
    /** Of a setting by which somebody is asked before it is tried. */
    public const ASKS = 'Where a sensor sits fast it is said, and left where it is, instead of drawing it out';

    case Unsecured = 'unsecured';
    case Raised = 'raised';
    case NotRaised = 'not-raised';
    case ChocksIn = 'chocks-in';
    case EngineOff = 'engine-off';
    case EngineRunning = 'engine-running';
    case LeadsConnected = 'leads-connected';
    case PlugJoined = 'plug-joined';
    case PadOutOfReach = 'pad-out-of-reach';
    case NoSingleWire = 'no-single-wire';
    case LeadGlows = 'lead-glows';
    case NoOtherSide = 'no-other-side';
    case NotDriven = 'not-driven';
    case SteeringTurned = 'steering-turned';
    case WheelsUnderPower = 'wheels-under-power';
    /** Coils and pump of the hydraulic unit have to rest. */
    case UnitHot = 'unit-hot';
    /** Nobody drives with a pedal that goes low, gives way or sinks. */
    case PedalDoubtful = 'pedal-doubtful';
    /** With the control of slip off, wheels lock. */
    case TooFastUncontrolled = 'too-fast-uncontrolled';
    /** The sensor sits fast in its bore, and whoever wanted to draw it out is asked first. */
    case SitsFast = 'sits-fast';
    case Handed = 'handed';
    case KnownGoodPartIn = 'trial-part-in';
    case KnownGoodPartOut = 'trial-part-out';
}
