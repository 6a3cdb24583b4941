<?php

declare(strict_types=1);

namespace Lernfall\Module;

use Lernfall\Signal\Teeth;

/** How the module turns a wheel's signal into a speed. */
final readonly class SpeedInput
{
    /** A gape this much wider than a pitch looks as if the wheel had stopped. */
    private const IMPLAUSIBLE_PITCHES = 0.3;

    /**
     * @param  float  $thresholdFactor  this module's threshold against the nominal one
     * @param  float  $disturbance  peak of what disturbs the signal against the nominal threshold; from the threshold on it is counted too
     */
    public function __construct(
        private SpeedSignal $signal,
        private Teeth $teeth,
        private float $thresholdFactor,
        private float $disturbance = 0.0,
    ) {
    }

    public function withThresholdFactor(float $factor): self
    {
        return new self($this->signal, $this->teeth, $factor, $this->disturbance);
    }

    public function counts(float $turnsPerSecond): bool
    {
        return $turnsPerSecond > 0.0 && $turnsPerSecond >= $this->leastTurnsPerSecond();
    }

    /** The slowest rotation at which the strongest tooth is counted; infinite where none ever is. */
    public function leastTurnsPerSecond(): float
    {
        return $this->neededFor($this->teeth->strongest());
    }

    /** Turns a second as the module counts them, on the mean of whole turns. */
    public function countedTurnsPerSecond(float $turnsPerSecond): float
    {
        if (! $this->counts($turnsPerSecond)) {
            return 0.0;
        }
        $heard = array_filter($this->teeth->felt, fn (float $strength): bool => $turnsPerSecond >= $this->neededFor($strength));

        return $turnsPerSecond * count($heard) / $this->teeth->count();
    }

    /** Whether what disturbs the signal is counted too. */
    public function isDisturbed(): bool
    {
        return $this->disturbance > $this->thresholdFactor;
    }

    /** The rotation from which no tooth is missed any more; infinite where one always is. */
    public function evenFromTurnsPerSecond(): float
    {
        return $this->isDisturbed() || $this->teeth->crackPitches > self::IMPLAUSIBLE_PITCHES ? INF : $this->neededFor($this->teeth->weakest());
    }

    /** Whether the signal drops out at one place of every turn. */
    public function hasGapsAt(float $turnsPerSecond): bool
    {
        return $this->counts($turnsPerSecond) && $turnsPerSecond < $this->evenFromTurnsPerSecond();
    }

    /** Pitches between one tooth that is heard and the next, where they lie furthest apart; infinite where none is heard. */
    public function widestGapPitches(float $turnsPerSecond): float
    {
        $heard = array_keys(array_filter($this->teeth->felt, fn (float $strength): bool => $turnsPerSecond >= $this->neededFor($strength)));
        $widest = $heard === [] ? INF : (float) ($heard[0] + $this->teeth->count() - $heard[count($heard) - 1]);
        foreach (array_slice($heard, 1) as $at => $tooth) {
            $widest = max($widest, (float) ($tooth - $heard[$at]));
        }

        return $widest + $this->teeth->crackPitches;
    }

    /** @return non-empty-list<float> turns a second from which each tooth is heard, round the ring; infinite where it never is */
    public function heardFrom(): array
    {
        return array_map($this->neededFor(...), $this->teeth->felt);
    }

    public function crackPitches(): float
    {
        return $this->teeth->crackPitches;
    }

    /** One turn's share that a tooth takes. */
    public function turnsPerTooth(): float
    {
        return 1.0 / $this->teeth->count();
    }

    /** The weakest tooth that is felt against the strongest, as far as the module can tell: an active sensor switches the same for all. */
    public function evenness(): float
    {
        $felt = array_filter($this->teeth->felt, static fn (float $strength): bool => $strength > 0.0);

        return $this->signal->tellsStrength() && $felt !== [] ? min($felt) / max($felt) : 1.0;
    }

    private function neededFor(float $strength): float
    {
        return $strength > 0.0 ? $this->signal->leastTurnsPerSecond($this->thresholdFactor / $strength) : INF;
    }
}
