<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Lernfall\Chance\Draw;

/** A trace on the screen of the scope, before noise. */
final readonly class TraceFeature implements Feature
{
    /** How much finer the steps of an ideal instrument are. */
    private const FINER = 1e6;

    /**
     * @param  list<float>  $volts  sample by sample, left to right
     * @param  int  $greatestStep  where the converter ends
     * @param  float  $noiseSteps  standard deviation of one sample
     * @param  ?array{list<float>, list<float>}  $peaks  least and greatest volts between one sample and the next; null where samples show all there is
     */
    public function __construct(
        public array $volts,
        public float $secondsPerSample,
        public float $voltsPerStep,
        public int $greatestStep,
        public float $noiseSteps,
        public ?array $peaks = null,
    ) {
    }

    public function observed(Draw $noise, string $draw): ObservedTrace
    {
        $next = $noise->stream($draw);
        $off = array_map(fn (): float => $this->noiseSteps * $next(), $this->volts);

        return new ObservedTrace(
            $this->converted($this->volts, $off), $this->secondsPerSample, $this->voltsPerStep,
            $this->peaks === null ? null : [$this->converted($this->peaks[0], $off), $this->converted($this->peaks[1], $off)],
        );
    }

    public function exactly(): ObservedTrace
    {
        $step = $this->voltsPerStep / self::FINER;

        return new ObservedTrace(
            self::inSteps($this->volts, $step), $this->secondsPerSample, $step, $this->peaks === null ? null : [self::inSteps($this->peaks[0], $step), self::inSteps($this->peaks[1], $step)],
        );
    }

    /**
     * @param  list<float>  $volts
     * @param  list<float>  $off  noise of each sample, in steps
     * @return list<int>
     */
    private function converted(array $volts, array $off): array
    {
        $steps = [];
        foreach ($volts as $sample => $one) {
            $steps[] = (int) max(-$this->greatestStep, min($this->greatestStep, round($one / $this->voltsPerStep + $off[$sample])));
        }

        return $steps;
    }

    /**
     * @param  list<float>  $volts
     * @return list<int>
     */
    private static function inSteps(array $volts, float $step): array
    {
        return array_map(static fn (float $one): int => (int) round($one / $step), $volts);
    }

    /** @return list<float> the line an eye follows: of each stretch between two samples whatever lies furthest off the sample */
    public function line(): array
    {
        return $this->peaks === null ? $this->volts : array_map(
            static fn (float $volts, float $least, float $greatest): float => $volts - $least > $greatest - $volts ? $least : $greatest, $this->volts, $this->peaks[0], $this->peaks[1],
        );
    }
}
