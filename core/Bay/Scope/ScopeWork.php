<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scope;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Standstill;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\TraceFeature;
use Lernfall\Bay\Probing\PadAccess;
use Lernfall\Bay\Probing\Probed;
use Lernfall\Bay\Probing\Trace;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;

/** A sweep of the scope over one or two pairs of pads. */
final readonly class ScopeWork
{
    /** Without a trigger found within this many teeth, the sweep starts anyhow. */
    private const TEETH = 8.0;

    /** How often the shortest thing in a trace is looked at, so that no pulse slips through. */
    private const LOOKS_AT_THE_SHORTEST = 5.0;

    /** Where something very short rides on something very slow, the search ends here. */
    private const MOST_LOOKS = 30000;

    private const HALVINGS = 20;

    public function __construct(private Scope $scope)
    {
    }

    /** @return non-empty-list<Branch> */
    public function capture(Car $car, Capture $capture): array
    {
        $pads = [];
        foreach ($capture->inputs as $input) {
            $pads[] = [Pads::find($car->vehicle, $input->first), Pads::find($car->vehicle, $input->second)];
        }
        if (array_filter(array_merge(...$pads), static fn (Pad $pad): bool => ! PadAccess::allows($car, $pad)) !== []) {
            return Branch::refused($car, Refusal::PadOutOfReach);
        }
        $channels = array_merge(...array_map(static fn (array $pair): array => Probed::channelsAt($car, ...$pair), $pads));
        $branches = [];
        foreach (Standstill::ways($car, $channels) as [$weight, $state, $teeth]) {
            $traces = array_map(fn (array $pair): Trace => (new Probed($car, $pair[0], $pair[1], $teeth))->trace($this->scope->inputOhms), $pads);
            $branches[] = new Branch($weight, $car->in($state), Prediction::of('traces', $this->features($capture, $traces, $car->isHypothesis() ? $this->scope->samplesCompared : $this->scope->samples)));
        }

        return $branches;
    }

    /**
     * @param  list<Trace>  $traces
     * @return array<string, Feature>
     */
    private function features(Capture $capture, array $traces, int $samples): array
    {
        $start = $this->start($capture, $traces[$capture->triggerInput]);
        $features = ['trigger' => CategoryFeature::certain($start === null ? 'none' : 'found')];
        foreach ($traces as $index => $trace) {
            $name = 'ab'[$index];
            $input = $capture->inputs[$index];
            $volts = $this->samples($trace, $input, $capture->secondsPerDivision, $start ?? 0.0, $samples);
            $step = $input->voltsPerDivision / $this->scope->stepsPerDivision;
            $features["$name.trace"] = new TraceFeature($volts, $this->secondsPerSample($capture), $step, $this->scope->greatestStep(), $this->scope->noiseSteps);
            $features["$name.peak-to-peak"] = NumberFeature::reading('volts', $this->visible(max($volts), $step) - $this->visible(min($volts), $step), $step, $step, [], false);
            $features["$name.mean"] = NumberFeature::reading('volts', $this->visible(array_sum($volts) / count($volts), $step), $step, $step / 10.0);
        }

        return $features;
    }

    /** @return non-empty-list<float> */
    private function samples(Trace $trace, ScopeInput $input, float $secondsPerDivision, float $start, int $samples): array
    {
        $step = $secondsPerDivision * $this->scope->divisionsAcross / $samples;
        $blocked = $input->blocksDc ? $trace->meanVolts() : 0.0;
        $volts = [$trace->at($start) - $blocked];
        for ($sample = 1; $sample < $samples; $sample++) {
            $volts[] = $trace->at($start + $sample * $step) - $blocked;
        }

        return $volts;
    }

    /** When the trigger input first crosses its level the right way; null where it never does. */
    private function start(Capture $capture, Trace $trace): ?float
    {
        if ($trace->toothHertz() === 0.0) {
            return null; // nothing moves, nothing crosses
        }
        $blocked = $capture->inputs[$capture->triggerInput]->blocksDc ? $trace->meanVolts() : 0.0;
        $direction = $capture->triggersRising ? 1.0 : -1.0;
        $above = static fn (float $seconds): bool => $direction * ($trace->at($seconds) - $blocked - $capture->triggerVolts) >= 0.0;
        $step = $trace->shortestSeconds() / self::LOOKS_AT_THE_SHORTEST;
        $until = min($trace->periodSeconds(), self::TEETH / $trace->toothHertz(), self::MOST_LOOKS * $step);
        $was = $above(0.0);
        for ($time = $step; $time < $until; $time += $step) {
            if (! $was && $above($time)) {
                return $this->crossing($above, $time - $step, $time);
            }
            $was = $above($time);
        }

        return null;
    }

    /**
     * Where between two times it is crossed, found by halving.
     *
     * @param  callable(float): bool  $above
     */
    private function crossing(callable $above, float $before, float $after): float
    {
        for ($halving = 0; $halving < self::HALVINGS; $halving++) {
            $middle = ($before + $after) / 2.0;
            [$before, $after] = $above($middle) ? [$before, $middle] : [$middle, $after];
        }

        return $after;
    }

    private function secondsPerSample(Capture $capture): float
    {
        return $capture->secondsPerDivision * $this->scope->divisionsAcross / $this->scope->samples;
    }

    /** What lies beyond the screen is not seen. */
    private function visible(float $volts, float $step): float
    {
        return max(-$this->scope->greatestStep() * $step, min($this->scope->greatestStep() * $step, $volts));
    }
}
