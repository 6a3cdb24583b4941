<?php

declare(strict_types=1);

namespace Lernfall\Bay\Worksheet;

/** A unit as it is written on the card. */
enum WrittenUnit: string
{
    case Ohm = 'Ω';
    case Kiloohm = 'kΩ';
    case Megaohm = 'MΩ';
    case Volt = 'V';
    case Millivolt = 'mV';
    case Ampere = 'A';
    case Milliampere = 'mA';
    case Millimetre = 'mm';
    case Second = 's';
    case Millisecond = 'ms';
    case Hertz = 'Hz';
    case KilometresPerHour = 'km/h';
    case Newton = 'N';
    case Kilonewton = 'kN';

    public function si(float $value): float
    {
        return $value * match ($this) {
            self::Ohm, self::Volt, self::Ampere, self::Hertz, self::Second, self::Newton => 1.0,
            self::Kiloohm, self::Kilonewton => 1e3,
            self::Megaohm => 1e6,
            self::Millivolt, self::Milliampere, self::Millimetre, self::Millisecond => 1e-3,
            self::KilometresPerHour => 1.0 / 3.6,
        };
    }

    /** The unit of the observed number it can stand for. */
    public function quantity(): string
    {
        return match ($this) {
            self::Ohm, self::Kiloohm, self::Megaohm => 'ohms',
            self::Volt, self::Millivolt => 'volts',
            self::Ampere, self::Milliampere => 'amperes',
            self::Millimetre => 'metres',
            self::Second, self::Millisecond => 'seconds',
            self::Hertz => 'hertz',
            self::KilometresPerHour => 'metresPerSecond',
            self::Newton, self::Kilonewton => 'newtons',
        };
    }
}
