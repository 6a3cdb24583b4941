<?php

declare(strict_types=1);

namespace Lernfall\Lab;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Contract\TraceFeature;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Scope\Scope;
use Lernfall\Bay\Scope\ScopeInput;
use Lernfall\Fault\InvalidFault;
use Lernfall\Sensor\SensorKinds;
use Lernfall\Signal\Formula;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;

/** Free play with one sensor: the same instruments as in the bay, without their noise, at the module's pins. */
final readonly class SignalLab
{
    /** Teeth the trace shows where it does not show a turn. */
    private const TEETH_SHOWN = 6.0;

    private const DIVISIONS = 10;

    /** Wide enough for whatever comes. */
    private const VOLTS_PER_DIVISION = 10.0;

    private const STILL_SECONDS = 1.5;

    private Simulator $simulator;

    public function __construct(private LabBench $bench, Simulator $simulator)
    {
        $this->simulator = $simulator->in($simulator->workshop->exchanging($simulator->workshop->equipment(Scope::class)->fine()));
    }

    /** @throws InvalidFault where the defect cannot be here, or not that strong */
    public function shown(LabSetting $setting): LabReadings
    {
        $car = $this->bench->car($setting);
        $corner = $car->channel($this->bench->corners()[$setting->technology]->id);
        $turning = $this->turning($car, $corner, $setting->turnsPerSecond);
        $trace = $this->trace($turning, $corner, $setting);

        return new LabReadings($trace->line(), $trace->secondsPerSample, $this->numbers($turning, $corner, $setting, $trace), $this->formulas($corner, $car, $setting));
    }

    /** @return list<Formula> */
    private function formulas(Channel $corner, Car $car, LabSetting $setting): array
    {
        $turns = abs($setting->turnsPerSecond);

        return [
            new Formula('tooth-frequency', ['teeth' => $corner->wheelEnd->ring->teeth, 'turns' => $turns, 'hertz' => $corner->wheelEnd->ring->teeth * $turns]),
            ...SensorKinds::formulas($corner, $car->electrical(), $setting->turnsPerSecond),
        ];
    }

    private function turning(Car $car, Channel $corner, float $turnsPerSecond): Car
    {
        $steps = [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand)];
        if (Switching::isActive($corner)) {
            $steps[] = new TurnKey(Ignition::On);
        }
        foreach ([...$steps, new TurnWheel($corner->id, $turnsPerSecond)] as $step) {
            $car = $this->simulator->predict($car, $step)[0]->car;
        }

        return $car;
    }

    private function trace(Car $car, Channel $corner, LabSetting $setting): TraceFeature
    {
        [$first, $second] = $this->pads($corner);
        $capture = new Capture([new ScopeInput($first, $second, self::VOLTS_PER_DIVISION, false)], $this->secondsShown($corner, $setting) / self::DIVISIONS, 0, 0.0, true);
        $trace = $this->predicted($car, $capture)->features['a.trace'] ?? null;

        return $trace instanceof TraceFeature ? $trace : new TraceFeature([0.0], 1.0, 1.0, 1, 0.0);
    }

    private function secondsShown(Channel $corner, LabSetting $setting): float
    {
        $speed = abs($setting->turnsPerSecond);

        return match (true) {
            $speed === 0.0 => self::STILL_SECONDS,
            $setting->wholeTurn => 1.05 / $speed,
            default => self::TEETH_SHOWN / ($speed * $corner->wheelEnd->ring->teeth),
        };
    }

    /** @return array<string, NumberFeature> */
    private function numbers(Car $car, Channel $corner, LabSetting $setting, TraceFeature $trace): array
    {
        [$first, $second] = $this->pads($corner);
        $numbers = ['peak-to-peak' => NumberFeature::reading('volts', max([...$trace->line(), -INF]) - min([...$trace->line(), INF]), 0.001, 0.0)];
        foreach (['ac' => MeterFunction::VoltsAc, 'dc' => MeterFunction::VoltsDc, 'hertz' => MeterFunction::Hertz] as $name => $function) {
            $numbers[$name] = $this->reading($car, new Measure($function, $first, $second));
        }
        if (! Switching::isActive($corner)) {
            $plug = $corner->plugs()[0];
            $pin = static fn (int $wire): string => Pad::onPlug($corner->id, $plug->name(), PadSide::Wheel, $corner->conductors[$wire]->id)->id;
            $numbers['coil'] = $this->reading($this->simulator->predict($car, new Unplug($plug->plugId))[0]->car, new Measure(MeterFunction::Ohms, $pin(0), $pin(1)));
        }
        $circumference = $car->vehicle->tyre->rollingCircumferenceMetres();
        $numbers['road-speed'] = NumberFeature::reading('metresPerSecond', abs($setting->turnsPerSecond) * $circumference, 0.1 / 3.6, 0.0);
        $keyOn = $this->simulator->predict($car, new TurnKey(Ignition::On))[0]->car;
        $least = (new SpeedReception($keyOn))->of($keyOn->channel($corner->id), 0.0)->leastTurnsPerSecond();
        $numbers['lost-below'] = is_finite($least) ? NumberFeature::reading('metresPerSecond', $least * $circumference, 0.1 / 3.6, 0.0) : NumberFeature::overload('metresPerSecond');

        return $numbers;
    }

    private function reading(Car $car, Measure $measure): NumberFeature
    {
        $feature = $this->predicted($car, $measure)->features['reading'] ?? null;

        return $feature instanceof NumberFeature ? $feature : NumberFeature::overload($measure->function->unit());
    }

    private function predicted(Car $car, CarAction $action): Prediction
    {
        return $this->simulator->predict($car, $action)[0]->prediction;
    }

    /** @return array{string, string} where the signal is best seen */
    private function pads(Channel $corner): array
    {
        $plugs = $corner->plugs();
        $plug = $plugs[count($plugs) - 1];
        $pin = static fn (int $wire): string => Pad::onPlug($corner->id, $plug->name(), PadSide::Wheel, $corner->conductors[$wire]->id)->id;

        $signal = $corner->moduleEnd->input->signalConductor();

        return $signal === null ? [$pin(0), $pin(1)] : [$pin($signal), Pads::BODY];
    }
}
