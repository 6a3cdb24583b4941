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
    /** How often the shortest thing in a trace is looked at, so that no pulse slips through. */
    private const LOOKS_AT_THE_SHORTEST = 5.0;

    /** Where something very short rides on something very slow, the search ends here. */
    private const MOST_LOOKS = 60000;

    private const HALVINGS = 40;

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
            $touched = in_array($car->state->connections->bench?->channel, $channels, true) && $car->state->connections->justTouched;
            $traces = $touched ? array_map(fn (Trace $trace): Trace => $trace->beginningAt($this->touch($capture)), $traces) : $traces;
            $after = $touched ? $state->withConnections($state->connections->swept()) : $state;
            $branches[] = new Branch($weight, $car->in($after), Prediction::of('traces', $this->features($capture, $traces, $car->isHypothesis() ? $this->scope->samplesCompared : $this->scope->samples)));
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
            $features += $this->ofInput('ab'[$index], $capture, $capture->inputs[$index], $trace, $start ?? 0.0, $samples);
        }

        return $features;
    }

    /** @return array<string, Feature> */
    private function ofInput(string $name, Capture $capture, ScopeInput $input, Trace $trace, float $start, int $samples): array
    {
        $apart = $capture->secondsPerDivision * $this->scope->divisionsAcross / $samples;
        $blocked = $input->blocksDc ? $trace->meanVolts() : 0.0;
        $volts = $this->samples($trace, $start, $apart, $samples, $blocked);
        $peaks = $trace->isSeenEvery($apart) ? null : $this->peaks($trace, $start, $apart, $samples, $blocked);
        $step = $input->voltsPerDivision / $this->scope->stepsPerDivision;
        $least = min($peaks === null ? $volts : $peaks[0]);
        $greatest = max($peaks === null ? $volts : $peaks[1]);
        $mean = $peaks === null ? array_sum($volts) / count($volts) : $trace->meanVolts() - $blocked;
        $edge = $this->scope->greatestStep() * $step;

        return [
            "$name.trace" => new TraceFeature($volts, $this->secondsPerSample($capture), $step, $this->scope->greatestStep(), $this->scope->noiseSteps, $peaks),
            "$name.peak-to-peak" => NumberFeature::reading('volts', $this->visible($greatest, $step) - $this->visible($least, $step), $step, $step, [], false),
            "$name.mean" => NumberFeature::reading('volts', $this->visible($mean, $step), $step, $step / 10.0),
            "$name.clips" => CategoryFeature::certain(match (true) {
                $greatest > $edge && $least < -$edge => 'both',
                $greatest > $edge => 'top',
                $least < -$edge => 'bottom',
                default => 'no',
            }),
        ];
    }

    /** @return non-empty-list<float> */
    private function samples(Trace $trace, float $start, float $apart, int $samples, float $blocked): array
    {
        $volts = [$trace->at($start) - $blocked];
        for ($sample = 1; $sample < $samples; $sample++) {
            $volts[] = $trace->at($start + $sample * $apart) - $blocked;
        }

        return $volts;
    }

    /**
     * Peak detection: the least and the greatest since the sample before, so that nothing between two of them is lost.
     *
     * @return array{non-empty-list<float>, non-empty-list<float>}
     */
    private function peaks(Trace $trace, float $start, float $apart, int $samples, float $blocked): array
    {
        [$least, $greatest] = $trace->extremes($start, $start + $apart);
        [$lows, $highs] = [[$least - $blocked], [$greatest - $blocked]];
        for ($sample = 1; $sample < $samples; $sample++) {
            [$least, $greatest] = $trace->extremes($start + $sample * $apart, $start + ($sample + 1) * $apart);
            $lows[] = $least - $blocked;
            $highs[] = $greatest - $blocked;
        }

        return [$lows, $highs];
    }

    /**
     * When the trigger input first crosses its level the right way: within what the screen shows and within whatever comes
     * again; null where it never does.
     */
    private function start(Capture $capture, Trace $trace): ?float
    {
        if ($trace->stands()) {
            return null; // nothing moves, nothing crosses
        }
        $level = $capture->triggerVolts + ($capture->inputs[$capture->triggerInput]->blocksDc ? $trace->meanVolts() : 0.0);
        $look = $trace->shortestSeconds() / self::LOOKS_AT_THE_SHORTEST;
        $period = $trace->periodSeconds();
        $until = max(is_finite($period) ? $period : 0.0, $capture->secondsPerDivision * $this->scope->divisionsAcross) + $look;
        $search = new EdgeSearch($trace, $level, $capture->triggersRising, max($look, $until / self::MOST_LOOKS), self::HALVINGS);

        return $search->first(0.0, $until);
    }

    /** When in the record a lead touches that has just been put on: two divisions in. */
    private function touch(Capture $capture): float
    {
        return 2.0 * $capture->secondsPerDivision;
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
