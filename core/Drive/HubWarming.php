<?php

declare(strict_types=1);

namespace Lernfall\Drive;

use Lernfall\Vehicle\Climate;

/**
 * How the hubs warm on the way, from the rise they start with.
 *
 * In each stretch the speed changes evenly, and so does the rise e(t) = a + b·t the hubs go towards; the equation
 * dT/dt = (e(t) − T)/τ then has the closed solution T(t) = e(t) − b·τ + (T₀ − a + b·τ)·exp(−t/τ).
 */
final readonly class HubWarming
{
    private const HALVINGS = 40;

    private function __construct(private Climate $climate, private float $startKelvin)
    {
    }

    /** @param  float  $startKelvin  by which hubs are warmer than the surroundings as the drive begins */
    public static function from(Climate $climate, float $startKelvin): self
    {
        return new self($climate, $startKelvin);
    }

    public static function cold(Climate $climate): self
    {
        return new self($climate, 0.0);
    }

    /** The rise as the car stops, in kelvin. */
    public function after(Drive $drive): float
    {
        $rise = $this->startKelvin;
        foreach ($drive->stretches as $stretch) {
            $rise = $this->risen($rise, $stretch, $stretch->seconds);
        }

        return $rise;
    }

    /** When parts on the hubs get hot; null where they do not. */
    public function getsHot(Drive $drive): ?Moment
    {
        $hot = $this->climate->hotKelvin();
        $rise = $this->startKelvin;
        $passed = 0.0;
        foreach ($drive->stretches as $stretch) {
            $then = $this->risen($rise, $stretch, $stretch->seconds);
            if ($then >= $hot) {
                $seconds = $this->until($hot, $rise, $stretch);

                return new Moment($passed + $seconds, $stretch->speedAfter($seconds), $stretch->ground);
            }
            $rise = $then;
            $passed += $stretch->seconds;
        }

        return null;
    }

    private function risen(float $rise, Stretch $stretch, float $seconds): float
    {
        if ($stretch->seconds <= 0.0) {
            return $rise;
        }
        $tau = $this->climate->hubWarmUpSeconds;
        $towards = $this->towards($stretch->fromMetresPerSecond);
        $slope = ($this->towards($stretch->toMetresPerSecond) - $towards) / $stretch->seconds;

        return $towards + $slope * ($seconds - $tau) + ($rise - $towards + $slope * $tau) * exp(-$seconds / $tau);
    }

    private function until(float $hot, float $rise, Stretch $stretch): float
    {
        [$before, $after] = [0.0, $rise >= $hot ? 0.0 : $stretch->seconds];
        for ($halving = 0; $halving < self::HALVINGS && $after > $before; $halving++) {
            $middle = ($before + $after) / 2.0;
            [$before, $after] = $this->risen($rise, $stretch, $middle) >= $hot ? [$before, $middle] : [$middle, $after];
        }

        return $after;
    }

    private function towards(float $metresPerSecond): float
    {
        return $this->climate->hubRiseKelvin * $metresPerSecond / $this->climate->hubRiseAtMetresPerSecond;
    }
}
