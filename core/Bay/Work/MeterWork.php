<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Action\Measure;
use Lernfall\Bay\Action\MeterFunction;
use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\Meter;
use Lernfall\Bay\MeterRange;
use Lernfall\Bay\NumberFeature;
use Lernfall\Bay\Prediction;
use Lernfall\Circuit\ProbedResistance;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;

/** Measuring with the meter's two leads on two pads. */
final readonly class MeterWork
{
    public function __construct(private Meter $meter)
    {
    }

    /** @return list<Branch> */
    public function measure(Car $car, Measure $measure): array
    {
        $first = Pads::find($car->vehicle, $measure->first);
        $second = Pads::find($car->vehicle, $measure->second);
        if (! Reach::allows($car, $first) || ! Reach::allows($car, $second)) {
            return Branch::refused($car, 'pad-out-of-reach');
        }
        $notes = $this->notes($car, $measure->function, $first, $second);
        $branches = [];
        foreach (Standstill::ways($car, [$first->channel, $second->channel]) as [$weight, $state, $teeth]) {
            $features = ['reading' => $this->feature($car, $measure->function, $first, $second, $teeth)];
            $branches[] = new Branch($weight, $car->in($state), Prediction::of('reading', $features, $notes));
        }

        return $branches;
    }

    /** @param  array<string, bool>  $teeth */
    private function feature(Car $car, MeterFunction $function, Pad $first, Pad $second, array $teeth): NumberFeature
    {
        [$mean, $range] = $this->reading($car, $function, $first, $second, $teeth);
        if ($range === null) {
            return NumberFeature::overload($function->unit());
        }
        $sensitivities = [];
        if ($car->isHypothesis()) {
            foreach ($this->deviations($car, $function, $first, $second) as $name) {
                $change = $this->reading($car->shifted($name), $function, $first, $second, $teeth)[0] - $mean;
                if (abs($change) > $range->resolution * 0.01) {
                    $sensitivities[$name] = $change;
                }
            }
        }

        return NumberFeature::reading($function->unit(), $mean, $range->resolution, $this->meter->noiseDigits * $range->resolution, $sensitivities, $function === MeterFunction::Ohms || $function === MeterFunction::VoltsDc);
    }

    /**
     * @param  array<string, bool>  $teeth
     * @return array{float, ?MeterRange} the reading and its range; no range means overload
     */
    private function reading(Car $car, MeterFunction $function, Pad $first, Pad $second, array $teeth): array
    {
        $probed = new Probed($car, $first, $second, $teeth);
        $scale = 1.0 + $this->meter->scaleSpread($function) * $car->deviations->standard("meter.$function->value");
        if ($function === MeterFunction::Ohms) {
            return $this->ohms($probed->resistance(), $scale);
        }
        $reading = $scale * match ($function) {
            MeterFunction::VoltsDc => $probed->meanVolts($this->meter->inputOhms),
            MeterFunction::VoltsAc => $probed->alternatingRmsVolts($this->meter->inputOhms),
            MeterFunction::Hertz => $probed->hertz($this->meter->inputOhms, $this->meter->hertzFromVolts),
        };
        foreach ($this->meter->ranges($function) as $range) {
            if (abs($reading) <= $range->fullScale) {
                return [$reading, $range];
            }
        }

        return [0.0, null];
    }

    /** @return array{float, ?MeterRange} */
    private function ohms(ProbedResistance $resistance, float $scale): array
    {
        foreach ($this->meter->ranges(MeterFunction::Ohms) as $range) {
            $reading = $scale * $resistance->shownAt($range->testAmperes) + $this->meter->leadOhms;
            if (abs($reading) <= $range->fullScale) {
                return [$reading, $range];
            }
        }

        return [0.0, null];
    }

    /** @return list<string> */
    private function deviations(Car $car, MeterFunction $function, Pad $first, Pad $second): array
    {
        $names = ["meter.$function->value"];
        foreach (array_unique([$first->channel, $second->channel]) as $id) {
            if ($id !== '') {
                $names = [...$names, ...$car->deviationsOf($id)];
            }
        }

        return $names;
    }

    /** @return list<string> */
    private function notes(Car $car, MeterFunction $function, Pad $first, Pad $second): array
    {
        if ($function !== MeterFunction::Ohms) {
            return $function === MeterFunction::VoltsAc && $car->state->turningChannel === '' ? ['volts-ac-wheel-still'] : [];
        }
        $connected = array_filter([$first, $second], static fn (Pad $pad): bool => $pad->onPlug && self::reachesModule($car, $pad));

        return match (true) {
            $connected !== [] && $car->state->isPowered() => ['ohms-on-live-circuit'],
            $connected !== [] => ['ohms-through-module'],
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
