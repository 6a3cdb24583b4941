<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\ToothedRing;

/**
 * The voltage a passive sensor induces before any load, e(t) = −N · dΦ/dt (Faraday's law).
 *
 * The peak is taken as k · z · n · exp(−g / g₀): proportional to tooth frequency, falling exponentially with the gap.
 * That form is an assumption fitted to usual readings; it stops being true far above road speeds, where the coil's
 * inductance counts, and at gaps near zero.
 */
final readonly class PassiveSignal
{
    public static function peakVolts(PassiveSensor $sensor, ToothedRing $ring, float $gapMetres, float $turnsPerSecond): float
    {
        return $sensor->signalVoltSeconds * $ring->teeth * $turnsPerSecond * exp(-$gapMetres / $sensor->gapDecayMetres);
    }
}
