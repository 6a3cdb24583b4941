<?php

declare(strict_types=1);

namespace Lernfall\Sensor;

use Lernfall\Circuit\CircuitSensor;
use Lernfall\Vehicle\Electronics;
use Lernfall\Vehicle\SensorDefect;
use Lernfall\Vehicle\ToothedRing;

/** What active sensors of two states have in common: they switch for a tooth that is near enough, or are stuck, or dead. */
abstract readonly class SwitchingSensor implements CircuitSensor
{
    /** An active sensor needs this much of a tooth to switch. */
    private const SWITCHING_STRENGTH = 0.2;

    /** A dead short inside. */
    protected const SHORT_OHMS = 2.0;

    abstract protected function electronics(): Electronics;

    /** Beyond, it does not switch any more. */
    abstract protected function greatestGapMetres(): float;

    /** It blocks what comes the wrong way round. */
    abstract protected function isReverseProtected(): bool;

    abstract public function with(Electronics $electronics): static;

    public function isActive(): bool
    {
        return true;
    }

    public function fedBackwards(): static
    {
        return $this->isReverseProtected() ? $this : $this->with(Electronics::Dead);
    }

    public function feels(float $strength, float $offMetres, float $gapMetres): float
    {
        return $strength >= self::SWITCHING_STRENGTH && $gapMetres + $offMetres <= $this->greatestGapMetres() ? 1.0 : 0.0;
    }

    public function follows(float $gapMetres): bool
    {
        return $this->electronics() === Electronics::Sound && $gapMetres <= $this->greatestGapMetres();
    }

    public function states(): int
    {
        return 2;
    }

    public function stateAtRest(bool $tooth, float $gapMetres): int
    {
        return (int) match ($this->electronics()) {
            Electronics::StuckHigh => true,
            Electronics::StuckLow => false,
            default => $tooth && $this->follows($gapMetres),
        };
    }

    public function keepsState(): bool
    {
        return true;
    }

    public function peakVolts(ToothedRing $ring, float $gapMetres, float $turnsPerSecond): float
    {
        return 0.0;
    }

    public function pulseSeconds(bool $backward, float $gapMetres): ?float
    {
        return null;
    }

    public function signOfLife(): ?array
    {
        return null;
    }

    /** The electronics a defect leaves behind; null where it is none of them. */
    protected function left(SensorDefect $defect): ?Electronics
    {
        return match ($defect) {
            SensorDefect::Dead, SensorDefect::CableBroken => Electronics::Dead,
            SensorDefect::Shorted => Electronics::Shorted,
            SensorDefect::StuckLow => Electronics::StuckLow,
            SensorDefect::StuckHigh => Electronics::StuckHigh,
            default => null,
        };
    }
}
