<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Chance\Draw;

/** A number on a display: its mean, what the instrument adds to it, and what this car's deviations do to it. */
final readonly class NumberFeature implements Feature
{
    /**
     * @param  string  $unit  SI unit: "ohms", "volts", "amperes", "hertz", "metres", "metresPerSecond" or "newtons"
     * @param  bool  $overload  the display shows overload instead of a number
     * @param  float  $resolution  one step of the display
     * @param  float  $noise  standard deviation of one repetition
     * @param  array<string, float>  $sensitivities  change by one standard deviation of each named deviation
     * @param  bool  $canBeNegative  an alternating voltage or a speed never is
     */
    private function __construct(
        public string $unit,
        public float $mean,
        public bool $overload,
        public float $resolution,
        public float $noise,
        public array $sensitivities,
        public bool $canBeNegative,
    ) {
    }

    /** @param  array<string, float>  $sensitivities */
    public static function reading(string $unit, float $mean, float $resolution, float $noise, array $sensitivities = [], bool $canBeNegative = true): self
    {
        return new self($unit, $mean, false, $resolution, $noise, $sensitivities, $canBeNegative);
    }

    /** The least or the greatest of many repetitions: three standard deviations of one of them away, and much steadier. */
    public function extreme(bool $greatest): self
    {
        $away = ($greatest ? 3.0 : -3.0) * $this->noise;

        return new self($this->unit, $this->mean + ($this->overload ? 0.0 : $away), $this->overload, $this->resolution, $this->noise / 4.0, $this->sensitivities, $this->canBeNegative);
    }

    public static function overload(string $unit): self
    {
        return new self($unit, 0.0, true, 0.0, 0.0, [], false);
    }

    /** Standard deviation of a reading on a car of this kind, the display's own step included. */
    public function spread(): float
    {
        $squares = array_map(static fn (float $one): float => $one ** 2, $this->sensitivities);

        return sqrt(array_sum($squares) + $this->noise ** 2 + $this->resolution ** 2 / 12.0);
    }

    public function observed(Draw $noise, string $draw): ObservedNumber
    {
        $value = $this->mean + $this->noise * $noise->normal($draw);

        return $this->overload
            ? ObservedNumber::overload($this->unit)
            : ObservedNumber::shown($this->unit, $this->canBeNegative ? $value : max(0.0, $value), $this->resolution);
    }

    public function exactly(): ObservedNumber
    {
        return $this->overload ? ObservedNumber::overload($this->unit) : ObservedNumber::exact($this->unit, $this->canBeNegative ? $this->mean : max(0.0, $this->mean));
    }
}
