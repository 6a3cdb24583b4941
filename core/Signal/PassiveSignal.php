<?php

declare(strict_types=1);

namespace Lernfall\Signal;

use Lernfall\Vehicle\PassiveSensor;
use Lernfall\Vehicle\ToothedRing;

/**
 * The voltage a passive sensor induces before any load, e(t) = −N · dΦ/dt (Faraday's law).
 *
 * The peak is taken as k · z · n · exp(−g / g₀): proportional to tooth frequency, falling exponentially with the gap.
 * That form and the shape, a sine for every tooth and nothing where one is missing, are assumptions fitted to usual
 * readings; they stop being true far above road speeds, where the coil's inductance counts, and at gaps near zero.
 */
final readonly class PassiveSignal
{
    private function __construct(
        public float $turnsPerSecond,
        public float $toothHertz,
        public float $peakVolts,
        public int $teeth,
        public int $missingTeeth,
    ) {
    }

    public static function of(PassiveSensor $sensor, ToothedRing $ring, float $gapMetres, float $turnsPerSecond): self
    {
        $toothHertz = $ring->teeth * $turnsPerSecond;

        return new self(
            $turnsPerSecond,
            $toothHertz,
            $sensor->signalVoltSeconds * $toothHertz * exp(-$gapMetres / $sensor->gapDecayMetres),
            $ring->teeth,
            $ring->missingTeeth,
        );
    }

    /** Root mean square over whole turns: a sine's peak/√2, less the periods that are missing. */
    public function rmsVolts(): float
    {
        return $this->peakVolts * sqrt(0.5 * ($this->teeth - $this->missingTeeth) / $this->teeth);
    }
}
