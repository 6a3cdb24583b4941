<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Car\ConnectedMeter;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Car\Standstill;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Probing\Leads;
use Lernfall\Bay\Probing\PadAccess;
use Lernfall\Bay\Probing\Probed;
use Lernfall\Circuit\ProbedResistance;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;

/** Measuring with the meter's two leads on two pads. */
final readonly class MeterWork
{
    private MeterDisplay $display;

    public function __construct(private Meter $meter)
    {
        $this->display = new MeterDisplay($meter);
    }

    /** An averaging meter multiplies the rectified mean by this, so that a sine reads its effective value: π / (2·√2). */
    private const FORM_FACTOR_OF_A_SINE = M_PI / (2.0 * M_SQRT2);

    /** @return non-empty-list<Branch> */
    public function measure(Car $car, Measure $measure): array
    {
        $first = Pads::find($car->vehicle, $measure->first);
        $second = Pads::find($car->vehicle, $measure->second);
        if (! PadAccess::allows($car, $first) || ! PadAccess::allows($car, $second)) {
            return Branch::refused($car, Refusal::PadOutOfReach);
        }
        $notes = $this->notes($car, $measure->function, $first, $second);
        $branches = [];
        foreach (AmmeterLeads::freed($car, $measure) as [$chance, $free]) {
            foreach (Standstill::ways($free, Probed::channelsAt($free, $first, $second)) as [$weight, $state, $teeth]) {
                $leads = new Leads($first, $second, $teeth, meanwhile: $measure->meanwhile);
                foreach ($this->moments($free->in($state), $measure, $leads) as [$share, $then, $read]) {
                    $branches[] = $this->branch($chance * $weight * $share, $free->in($then), $measure, $read, $notes);
                }
            }
        }

        return $branches;
    }

    /**
     * Leads shorted, then on the battery; the fuse of the current input is looked at and renewed.
     *
     * @return non-empty-list<Branch>
     */
    public function prove(Car $car): array
    {
        $ohms = $this->meter->ranges(MeterFunction::Ohms)[0];
        $volts = $car->electrical()->systemVolts * (1.0 + $this->meter->scaleSpread(MeterFunction::VoltsDc) * $car->deviations->standard(MeterFunction::VoltsDc->deviation()));
        $range = $this->display->fitting(MeterFunction::VoltsDc, null, $volts);
        $connections = $car->state->connections;

        return Branch::only(AmmeterLeads::with($car, new ConnectedMeter), Prediction::of('proven', [
            'shorted' => NumberFeature::reading('ohms', $this->meter->leadOhms, $ohms->resolution, $this->meter->noiseDigits * $ohms->resolution),
            'battery' => $range === null ? NumberFeature::overload('volts') : NumberFeature::reading('volts', $volts, $range->resolution, $this->meter->noiseDigits * $range->resolution),
            'fuse' => CategoryFeature::certain($connections->meter->fuseBlown ? 'blown' : 'sound'),
        ]));
    }

    /**
     * Where a wheel turns so slowly that the display follows, the moments at which it can be read.
     *
     * @return non-empty-list<array{float, CarState, Leads}> weight, state and leads
     */
    private function moments(Car $car, Measure $measure, Leads $leads): array
    {
        if (! in_array($measure->function, [MeterFunction::VoltsDc, MeterFunction::Milliamperes], true)) {
            return [[1.0, $car->state, $leads]];
        }
        foreach (Probed::channelsAt($car, $leads->first, $leads->second) as $id) {
            $turns = $car->state->wheels->turnsOf($id);
            if ($turns !== 0.0 && $this->meter->pace->follows($car->channel($id)->wheelEnd->ring->teeth * abs($turns))) {
                return array_map(
                    static fn (array $way): array => [$way[0], $way[1], $leads->readingFrom($way[2])],
                    ReadingMoments::ways($car, $car->channel($id), $turns, $car->state->record->asked[$measure->question()] ?? 0),
                );
            }
        }

        return [[1.0, $car->state, $leads]];
    }

    /** @param  list<Note>  $notes */
    private function branch(float $weight, Car $car, Measure $measure, Leads $leads, array $notes): Branch
    {
        $features = ['reading' => $this->remembered($car, $measure, $leads)];
        if ($measure->function === MeterFunction::Continuity) {
            $features['beep'] = CategoryFeature::certain(! $features['reading']->overload && $features['reading']->mean < $this->meter->beepsBelowOhms ? 'on' : 'off');
        }
        if ($measure->records) {
            $features += $this->extremes($car, $measure, $leads, $features['reading']);
        }
        if ($measure->function === MeterFunction::Milliamperes && $this->blowsFuse($car, $leads)) {
            return new Branch($weight, AmmeterLeads::with($car, new ConnectedMeter(true)), Prediction::of('reading', $features, [...$notes, Note::MeterFuseBlown]));
        }

        return new Branch($weight, AmmeterLeads::left($car, $measure, $leads, $this->meter->shunt->ohms), Prediction::of('reading', $features, $notes));
    }

    /**
     * The least and the greatest of some seconds: what is provoked comes and goes meanwhile, and a slow wave passes.
     *
     * @return array<string, NumberFeature>
     */
    private function extremes(Car $car, Measure $measure, Leads $leads, NumberFeature $reading): array
    {
        $readings = [$reading, $this->feature($car->in($car->state->provokedBy(null)), $measure, $leads)];
        foreach ($leads->fromSeconds === null ? [] : $this->meter->pace->readings($leads->fromSeconds) as $from) {
            $readings[] = $this->feature($car, $measure, $leads->readingFrom($from));
        }
        usort($readings, static fn (NumberFeature $one, NumberFeature $other): int => ($one->overload ? INF : $one->mean) <=> ($other->overload ? INF : $other->mean));

        return ['least' => $readings[0]->extreme(false), 'greatest' => $readings[count($readings) - 1]->extreme(true)];
    }

    private function blowsFuse(Car $car, Leads $leads): bool
    {
        return ! $car->state->connections->meter->fuseBlown
            && abs($this->probed($car, $leads)->meanVolts($this->meter->shunt->ohms)) / $this->meter->shunt->ohms > $this->meter->shunt->fuseAmperes;
    }

    private function probed(Car $car, Leads $leads): Probed
    {
        return new Probed($car, $leads->first, $leads->second, $leads->teeth, $leads->meanwhile);
    }

    /** The reading, worked out once for all cars that could be there with the very same channel in the same state. */
    private function remembered(Car $car, Measure $measure, Leads $leads): NumberFeature
    {
        $channels = Probed::channelsAt($car, $leads->first, $leads->second);
        if ($car->isTypical() && $leads->areAtUnit()) {
            $electrical = $car->electrical();

            return Memo::with($car->vehicle->unit()->wiring, implode(' ', [
                $measure->question(), $measure->relativeTo, (int) $this->meter->averages, (int) $car->state->connections->meter->fuseBlown, $electrical->atUnit(), $car->vehicle->brakeParts->text(),
                $car->vehicle->climate->ambientCelsius, (int) $car->modulePowered(), (int) $car->feedsValves(),
            ]), fn (): NumberFeature => $this->feature($car, $measure, $leads));
        }
        $plainly = $car->isTypical() && count($channels) === 1 && $leads->areOnPlugs() ? $car->electrical()->plainlyAt($car->vehicle->channel($channels[0])) : null;
        $work = fn (): NumberFeature => $this->feature($car, $measure, $leads);
        if ($plainly === null) {
            return $work();
        }
        $state = $car->state;
        $turning = $state->wheels->turnsOf($channels[0]);

        return Memo::with($car->channel($channels[0]), implode(' ', [
            $measure->question(), $measure->relativeTo, (int) $this->meter->averages, (int) $state->connections->meter->fuseBlown, $plainly, $turning,
            (int) ($leads->teeth[$channels[0]] ?? false), $leads->fromSeconds ?? '', $state->key->position->value, ...$car->deviationsOf($channels[0]),
        ]), $work);
    }

    private function feature(Car $car, Measure $measure, Leads $leads): NumberFeature
    {
        $function = $measure->function;
        $found = $this->found($car, $measure, $leads);
        [$mean, $range] = $this->display->shows($found, $measure, $car);
        if ($range === null) {
            return NumberFeature::overload($function->unit());
        }
        $sensitivities = [];
        if ($car->isHypothesis()) {
            foreach ($this->deviations($car, $function, $leads) as $name) {
                $shifted = $car->shifted($name);
                $change = $this->display->shows($name === $function->deviation() ? $found : $this->found($shifted, $measure, $leads), $measure, $shifted)[0] - $mean;
                if (abs($change) > $range->resolution * 0.01) {
                    $sensitivities[$name] = $change;
                }
            }
        }
        $canBeNegative = $measure->relativeTo !== 0.0 || ! in_array($function, [MeterFunction::VoltsAc, MeterFunction::Hertz], true);

        return NumberFeature::reading($function->unit(), $mean - $measure->relativeTo, $range->resolution, $this->meter->noiseDigits * $range->resolution, $sensitivities, $canBeNegative);
    }

    /** What is between the leads, whatever the meter's own scale makes of it: what it sends a current through, or a figure in its unit. */
    private function found(Car $car, Measure $measure, Leads $leads): ProbedResistance|float
    {
        $probed = $this->probed($car, $leads);

        return match ($measure->function) {
            MeterFunction::Ohms, MeterFunction::Continuity => $probed->resistance(),
            MeterFunction::VoltsDc => $this->standing($probed, $this->meter->inputOhms, $leads),
            MeterFunction::VoltsAc => $this->alternating($probed),
            MeterFunction::Milliamperes => $this->amperes($car, $probed, $leads),
            MeterFunction::Hertz => $probed->hertz($this->meter->inputOhms, $this->meter->hertzFromVolts),
        };
    }

    /** What the display shows of the standing part: the mean over all time, or over one reading of something slow. */
    private function standing(Probed $probed, float $ohms, Leads $leads): float
    {
        $trace = $probed->trace($ohms);

        return $leads->fromSeconds === null ? $trace->meanVolts() : $trace->meanVoltsBetween($leads->fromSeconds, $leads->fromSeconds + $this->meter->pace->readsSeconds);
    }

    private function alternating(Probed $probed): float
    {
        return $this->meter->averages
            ? self::FORM_FACTOR_OF_A_SINE * $probed->rectifiedMeanVolts($this->meter->inputOhms)
            : $probed->alternatingRmsVolts($this->meter->inputOhms);
    }

    /** The leads become part of the circuit; through a blown fuse nothing flows. */
    private function amperes(Car $car, Probed $probed, Leads $leads): float
    {
        $amperes = $car->state->connections->meter->fuseBlown ? 0.0 : $this->standing($probed, $this->meter->shunt->ohms, $leads) / $this->meter->shunt->ohms;

        return abs($amperes) > $this->meter->shunt->fuseAmperes ? 0.0 : $amperes;
    }

    /** @return list<string> what can make the reading differ: ohms know no signal, and a passive sensor at rest gives none */
    private function deviations(Car $car, MeterFunction $function, Leads $leads): array
    {
        $names = [$function->deviation()];
        foreach (Probed::channelsAt($car, $leads->first, $leads->second) as $id) {
            array_push($names, ...($function->feedsCurrent() || $car->state->wheels->turnsOf($id) === 0.0 ? [$car->coilDeviationOf($id)] : $car->deviationsOf($id)));
        }

        return [...$names, ...$this->windings($car, $leads)];
    }

    /** @return list<string> of the valves a lead touches, and of those that are driven meanwhile */
    private function windings(Car $car, Leads $leads): array
    {
        if (! $leads->first->isUnit() && ! $leads->second->isUnit()) {
            return [];
        }
        $touched = array_map(static fn (Pad $pad): string => str_starts_with($pad->id, Pads::UNIT_COIL) ? substr($pad->id, strlen(Pads::UNIT_COIL)) : '', [$leads->first, $leads->second]);
        $driven = array_keys($leads->meanwhile->order($car, $car->vehicle->unit()->wiring)->positions);

        return array_map($car->windingDeviation(...), array_values(array_unique(array_filter([...$touched, ...$driven], static fn (string $valve): bool => $valve !== ''))));
    }

    /** @return list<Note> */
    private function notes(Car $car, MeterFunction $function, Pad $first, Pad $second): array
    {
        if (! $function->feedsCurrent()) {
            return $function === MeterFunction::VoltsAc && $car->state->wheels->channels() === [] ? [Note::VoltsAcWheelStill] : [];
        }
        $connected = array_filter([$first, $second], static fn (Pad $pad): bool => $pad->onPlug && self::reachesModule($car, $pad));

        return match (true) {
            $first->isFedSwitch() || $second->isFedSwitch() => [Note::OhmsOnLiveCircuit],
            ($connected !== [] || $first->isFeed() || $second->isFeed() || $first->isUnit() || $second->isUnit()) && $car->state->isPowered() => [Note::OhmsOnLiveCircuit],
            $connected !== [] => [Note::OhmsThroughModule],
            default => [],
        };
    }

    /** Whether every plug from this pad to the module is joined, so that the module is measured too. */
    private static function reachesModule(Car $car, Pad $pad): bool
    {
        $reached = false;
        foreach ($car->vehicle->channel($pad->channel)->plugs() as $plug) {
            if ($plug->name() === $pad->plugName) {
                $reached = true;
                if ($pad->side === PadSide::Module) {
                    continue;
                }
            }
            if ($reached && $car->state->isOpen($plug->plugId)) {
                return false;
            }
        }

        return true;
    }
}
