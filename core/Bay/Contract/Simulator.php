<?php

declare(strict_types=1);

namespace Lernfall\Bay\Contract;

use Closure;
use Lernfall\Bay\Actuators\ActuatorWork;
use Lernfall\Bay\Actuators\ReadSwitches;
use Lernfall\Bay\Actuators\TestActuator;
use Lernfall\Bay\BenchSupply\FeedSensor;
use Lernfall\Bay\BenchSupply\LeadWork;
use Lernfall\Bay\Breakout\FitBreakout;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\DataSheet\LookUpDataSheet;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Gauge\GaugeGap;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Hands\HandWork;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Hands\RockWheel;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Inspection\EyeWork;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\Key\KeyWork;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\KnownGood\KnownGoodWork;
use Lernfall\Bay\LampCodes\CyclePower;
use Lernfall\Bay\LampCodes\OpenCheckConnector;
use Lernfall\Bay\LampCodes\PressPedal;
use Lernfall\Bay\LampCodes\PullParkingBrake;
use Lernfall\Bay\LampCodes\WatchLamp;
use Lernfall\Bay\Lamps\LampWork;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\LiveData\LiveWork;
use Lernfall\Bay\LiveData\RecordDrive;
use Lernfall\Bay\LiveData\RecordingWork;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterWork;
use Lernfall\Bay\Meter\ProveMeter;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\PlugWork;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Repair\Repair;
use Lernfall\Bay\Repair\RepairWork;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\EndSession;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Scan\ScanWork;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Scope\ScopeWork;
use Lernfall\Bay\Swap\SwapSensors;
use Lernfall\Bay\Swap\WheelWork;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Chance\Draw;
use LogicException;

/**
 * The one way to learn anything about a car: predict() for what an action would show, perform() for what it shows on
 * one true car.
 */
final readonly class Simulator
{
    public function __construct(public Workshop $workshop)
    {
    }

    /** In a workshop equipped as this case sets it. */
    public function forCase(FaultCase $case): self
    {
        return new self($this->workshop->forCase($case));
    }

    /**
     * Every way the action can turn out, without noise.
     *
     * @return non-empty-list<Branch> weights add up to 1
     */
    public function predict(Car $car, CarAction $action): array
    {
        $branches = match (true) {
            $action instanceof Measure => (new MeterWork($this->workshop->meter))->measure($car, $action),
            $action instanceof Capture => (new ScopeWork($this->workshop->scope))->capture($car, $action),
            $action instanceof TurnKey => (new KeyWork)->turn($car, $action->to),
            $action instanceof LookAtLamps => (new LampWork)->look($car),
            $action instanceof WatchLamp => (new LampWork)->watch($car),
            $action instanceof OpenCheckConnector => (new LampWork)->connector($car, $action->open),
            $action instanceof PressPedal => (new LampWork)->pedal($car, $action->times, $action->seconds),
            $action instanceof PullParkingBrake => (new LampWork)->parkingBrake($car),
            $action instanceof CyclePower => (new LampWork)->cyclePower($car, $action->onSeconds, $action->offSeconds),
            $action instanceof ReadCodes => (new ScanWork)->read($car, $action),
            $action instanceof ClearCodes => (new ScanWork)->clear($car, $action->system),
            $action instanceof TestActuator => (new ActuatorWork)->run($car, $action->part),
            $action instanceof ReadSwitches => (new ActuatorWork)->switches($car),
            $action instanceof EndSession => (new ScanWork)->end($car),
            $action instanceof RecordDrive => (new RecordingWork)->record($car, $action),
            $action instanceof LookAt => (new EyeWork($this->workshop->eyes))->look($car, $action),
            $action instanceof LookUpDataSheet => Branch::only($car, Prediction::of('data-sheet')),
            $action instanceof Secure => (new HandWork($this->workshop->hands))->secure($car, $action->step),
            $action instanceof Unplug => (new PlugWork($this->workshop->hands))->unplug($car, $action->plug),
            $action instanceof Join => (new PlugWork($this->workshop->hands))->join($car, $action->plug),
            $action instanceof GaugeGap => (new WheelWork)->gaugeGap($car, $action->channel),
            $action instanceof SwapSensors => (new WheelWork)->swapSensors($car, $action->channel),
            $action instanceof Provoke => (new HandWork($this->workshop->hands))->provoke($car, $action),
            $action instanceof Inject => $this->leads()->inject($car, $action),
            $action instanceof ConnectLeads => $this->leads()->jumper($car, $action),
            $action instanceof FitBreakout => $this->leads()->breakout($car, $action->fitted),
            $action instanceof FeedSensor => $this->leads()->feed($car, $action),
            $action instanceof ProveMeter => (new MeterWork($this->workshop->meter))->prove($car),
            $action instanceof RockWheel => (new HandWork($this->workshop->hands))->rockWheel($car, $action->channel),
            $action instanceof TurnWheel => (new HandWork($this->workshop->hands))->turnWheel($car, $action),
            $action instanceof LiveSpeeds => (new LiveWork)->speeds($car, $action->metresPerSecond),
            $action instanceof RoadTest => (new DrivingWork)->roadTest($car, $action->route),
            $action instanceof FitKnownGoodPart => (new KnownGoodWork)->fit($car, $action),
            $action instanceof Repair => (new RepairWork)->repair($car, $action),
            default => throw new LogicException($action->name().' is not something done to a car'),
        };

        return $branches === [] ? throw new LogicException($action->name().' has no outcome') : $this->cooled($branches, $action);
    }

    /**
     * What the action shows on a true car, its noise drawn from the seed.
     *
     * @return array{Car, Observation}
     */
    public function perform(Car $car, CarAction $action, Draw $noise): array
    {
        $branch = $this->predict($car, $action)[0];
        $prediction = $branch->prediction;
        $repetition = $car->state->record->asked[$action->question()] ?? 0;
        $values = [];
        foreach ($prediction->features as $name => $feature) {
            $draw = $action->question()."|$repetition|$name";
            $values[$name] = match (true) {
                $feature instanceof NumberFeature => $this->shown($feature, $noise->normal($draw)),
                $feature instanceof CategoryFeature => $feature->likeliest(),
                $feature instanceof SeriesFeature => $this->recorded($feature),
                $feature instanceof TraceFeature => $this->drawn($feature, $noise->stream($draw)),
                default => throw new LogicException('a feature of a kind nobody can perceive'),
            };
        }
        $after = $prediction->refusal === '' ? $branch->car->in($branch->car->state->withAsked($action->question())) : $car;

        return [$after, new Observation($prediction->kind, $values, $prediction->refusal, $prediction->notes)];
    }

    /**
     * The true car after an action whose observation is already known: nothing has to be shown again.
     */
    public function afterwards(Car $car, CarAction $action, Observation $shown): Car
    {
        if ($shown->wasRefused()) {
            return $car;
        }
        $branch = $action instanceof Observing && ! in_array('meter-fuse-blown', $shown->notes, true)
            ? $this->cooled(Branch::only($car, Prediction::of($shown->kind)), $action)[0]
            : $this->unseen($car, $action)[0];

        return $branch->car->in($branch->car->state->withAsked($action->question()));
    }

    /**
     * What an action does to a car, without what it shows where that is dear.
     *
     * @return non-empty-list<Branch>
     */
    private function unseen(Car $car, CarAction $action): array
    {
        return $action instanceof RecordDrive
            ? $this->cooled((new RecordingWork)->record($car, $action, shows: false), $action)
            : $this->predict($car, $action);
    }

    private function leads(): LeadWork
    {
        return new LeadWork($this->workshop->benchLoadOhms);
    }

    /** @param  Closure(): float  $noise  standard normal, one number a call */
    private function drawn(TraceFeature $trace, Closure $noise): ObservedTrace
    {
        $steps = array_map(
            static fn (float $volts): int => (int) max(-$trace->greatestStep, min($trace->greatestStep, round($volts / $trace->voltsPerStep + $trace->noiseSteps * $noise()))),
            $trace->volts,
        );

        return new ObservedTrace($steps, $trace->secondsPerSample, $trace->voltsPerStep);
    }

    private function recorded(SeriesFeature $series): ObservedSeries
    {
        $steps = array_map(static fn (float $value): int => (int) round($value / $series->resolution), $series->values);

        return new ObservedSeries($series->unit, $steps, $series->secondsPerSample, $series->resolution);
    }

    private function shown(NumberFeature $feature, float $standardNoise): ObservedNumber
    {
        $value = $feature->mean + $feature->noise * $standardNoise;

        return $feature->overload
            ? ObservedNumber::overload($feature->unit)
            : ObservedNumber::shown($feature->unit, $feature->canBeNegative ? $value : max(0.0, $value), $feature->resolution);
    }

    /**
     * @param  non-empty-list<Branch>  $branches
     * @return non-empty-list<Branch>
     */
    private function cooled(array $branches, CarAction $action): array
    {
        $minutes = $this->workshop->rate($action)->minutes;

        return array_map(fn (Branch $branch): Branch => $branch->prediction->refusal !== '' ? $branch : new Branch(
            $branch->weight,
            $branch->car->in($branch->car->state->cooled($minutes, $this->workshop->hubHalfLifeMinutes)),
            $branch->prediction,
        ), $branches);
    }
}
