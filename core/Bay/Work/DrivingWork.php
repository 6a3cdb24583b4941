<?php

declare(strict_types=1);

namespace Lernfall\Bay\Work;

use Lernfall\Bay\Branch;
use Lernfall\Bay\Car;
use Lernfall\Bay\CategoryFeature;
use Lernfall\Bay\Feature;
use Lernfall\Bay\Hearing;
use Lernfall\Bay\Ignition;
use Lernfall\Bay\NumberFeature;
use Lernfall\Bay\Prediction;
use Lernfall\Drive\Drive;
use Lernfall\Drive\DrivingMonitors;
use Lernfall\Drive\Route;
use Lernfall\Module\Failure;
use Lernfall\Module\SpeedInput;
use Lernfall\Signal\Rotation;
use Lernfall\Vehicle\Channel;

/** Driving, and reading the wheel speeds as the module counts them. */
final readonly class DrivingWork
{
    /** How long a speed is held while the live values are read. */
    private const READING_SECONDS = 20.0;

    /** How readily a provoked fault acts on a drive that provokes it. */
    private const READINESS = [
        'steering-left' => 0.85, 'steering-right' => 0.85, 'wiggle-cable' => 0.7, 'wiggle-sensor-plug' => 0.6, 'wiggle-loom' => 0.6,
        'wiggle-module-plug' => 0.5, 'heat' => 0.7, 'wet' => 0.05, 'vibration' => 0.9, 'bumps' => 0.8,
    ];

    private const READINESS_SPREAD = 0.15;

    /** One step of the displayed speed: a tenth of a kilometre an hour. */
    private const SPEED_STEP = 0.1 / 3.6;

    /** @return list<Branch> */
    public function roadTest(Car $car, Route $route): array
    {
        $refusal = $this->refusal($car);

        return $refusal === '' ? $this->driven($this->letGo($car), $route->drive(), Prediction::of('driven'), $route) : Branch::refused($car, $refusal);
    }

    /** @return list<Branch> */
    public function liveSpeeds(Car $car, float $metresPerSecond): array
    {
        if (! $car->modulePowered()) {
            return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
        }
        if ($metresPerSecond <= 0.0) {
            return Branch::only($car, Prediction::of('speeds', $this->speeds($car, 0.0)));
        }
        $refusal = $this->refusal($car);
        if ($refusal !== '') {
            return Branch::refused($car, $refusal);
        }
        $driving = $this->letGo($car);

        return $this->driven($driving, Drive::straight($metresPerSecond, self::READING_SECONDS), Prediction::of('speeds', $this->speeds($driving, $metresPerSecond)));
    }

    /** Whoever drives wiggles and warms nothing meanwhile. */
    private function letGo(Car $car): Car
    {
        return $car->in($car->state->provokedBy(null));
    }

    private function refusal(Car $car): string
    {
        return match (true) {
            $car->state->footing->raised => 'raised',
            $car->state->footing->chocked => 'chocks-in',
            $car->state->ignition !== Ignition::Running => 'engine-off',
            $car->state->hookup->isConnected() => 'leads-connected',
            default => '',
        };
    }

    /** @return array<string, Feature> */
    private function speeds(Car $car, float $metresPerSecond): array
    {
        $features = [];
        foreach ($car->vehicle->channelIds() as $id) {
            [$counted, $dips] = $this->counted($car, $id, $metresPerSecond);
            $features["$id.speed"] = NumberFeature::reading('metresPerSecond', $counted, self::SPEED_STEP, $counted > 0.0 ? self::SPEED_STEP : 0.0, canBeNegative: false);
            $features["$id.run"] = CategoryFeature::certain($dips ? 'dips' : 'steady');
        }

        return $features;
    }

    /**
     * What the module makes of whatever reaches its pins: a generator, the channel's own sensor, or one that leads bring there.
     *
     * @return array{float, bool} metres a second, and whether it drops out once a turn
     */
    private function counted(Car $car, string $id, float $metresPerSecond): array
    {
        $channel = $car->channel($id);
        if ((new Hearing($car))->isInjected($id)) {
            return [Rotation::speedFromFrequency($car->vehicle->tyre, $channel->reckonedTeeth(), $car->state->hookup->injection->hertz ?? 0.0), false];
        }
        $deviation = $car->deviations->standard($car->deviation("module.$id.signal-limit"));
        $fastest = [0.0, false];
        foreach ($car->channels([$id]) as $source) {
            $turns = $this->turns($car, $source, $metresPerSecond);
            $input = $metresPerSecond > 0.0 ? (new Hearing($car))->whileDriving($source, $deviation) : (new Hearing($car))->of($source, $deviation, $id);
            $counted = $input->countedTurnsPerSecond($turns) * $source->ring->teeth / $channel->reckonedTeeth() * $car->vehicle->tyre->rollingCircumferenceMetres();
            $fastest = $counted > $fastest[0] || $source->id === $id && $input->hasGapsAt($turns) ? [$counted, $input->hasGapsAt($turns)] : $fastest;
        }

        return $fastest;
    }

    /** How fast a wheel turns, which way does not matter here. */
    private function turns(Car $car, Channel $channel, float $metresPerSecond): float
    {
        return match (true) {
            $metresPerSecond > 0.0 => Rotation::turnsPerSecond($car->vehicle->tyre, $metresPerSecond) / $channel->tyreFactor,
            $car->state->turningChannel === $channel->id => abs($car->state->turnsPerSecond),
            default => 0.0,
        };
    }

    /** @return list<Branch> */
    private function driven(Car $car, Drive $drive, Prediction $prediction, Route $route = Route::Straight): array
    {
        $warm = $car->in($car->state->warmedBy($car->vehicle->hubRiseKelvin)->rolled());
        if (! $car->modulePowered()) {
            return Branch::only($warm, $prediction);
        }
        $monitors = new DrivingMonitors($car->vehicle->module->monitors, $car->vehicle->tyre->rollingCircumferenceMetres());
        $chances = [];
        foreach ($car->vehicle->channelIds() as $id) {
            if ($car->state->memory->hasPresentElectrical($id)) {
                continue; // a channel found broken is not watched any further
            }
            $input = (new Hearing($car))->whileDriving($car->channel($id), 0.0);
            foreach ([Failure::NoSignal, Failure::Erratic] as $failure) {
                $chances[$this->event($id, $failure, $input, $drive)] = $this->chance($car, $id, $failure, $input, $drive, $monitors);
            }
            $chances = [...$chances, ...$this->dropOuts($car, $id, $drive, $monitors, $route)];
        }

        return $this->remembered($warm, $chances, $drive, $monitors, $prediction);
    }

    /**
     * @param  array<string, float>  $chances
     * @return list<Branch>
     */
    private function remembered(Car $car, array $chances, Drive $drive, DrivingMonitors $monitors, Prediction $prediction): array
    {
        $branches = [];
        foreach (Crossroads::of($car, $chances) as [$weight, $state, $outcomes]) {
            $memory = $state->memory;
            asort($outcomes); // what was passed at times and found at others has been found
            foreach ($outcomes as $event => $found) {
                [$id, $name, $detail] = explode('/', $event);
                $failure = Failure::from($name);
                if (! $found && str_starts_with($detail, 'acts')) {
                    continue; // it did not act this time, which tests nothing
                }
                $memory = match (true) {
                    $found => $memory->set($id, $failure),
                    $monitors->tests($failure, $drive) => $memory->passed($id, $failure),
                    default => $memory,
                };
            }
            $branches[] = new Branch($weight, $car->in($state->remembering($memory)), $prediction);
        }

        return $branches;
    }

    /**
     * A fault that shows only when provoked acts on the road more or less readily; while it acts, the signal drops out,
     * which no wheel could do.
     *
     * @return array<string, float>
     */
    private function dropOuts(Car $car, string $id, Drive $drive, DrivingMonitors $monitors, Route $route): array
    {
        $acting = $car->actingChannel($id);
        $provocation = $car->vehicle->channel($id)->acting?->provocation;
        if ($acting === null || $provocation === null || ! $route->provokes($provocation) || ! $monitors->tests(Failure::Erratic, $drive)) {
            return [];
        }
        $input = (new Hearing($car))->whileDriving($acting, 0.0);
        if (is_finite($input->evenFromTurnsPerSecond()) && $input->counts(1.0)) {
            return []; // it acts, and the signal is still counted
        }
        $drives = array_sum(array_filter($car->state->asked, static fn (string $question): bool => str_starts_with($question, 'road-test'), ARRAY_FILTER_USE_KEY));
        $readiness = self::READINESS[$provocation->value] + self::READINESS_SPREAD * $car->deviations->standard("$id.readiness");
        $event = "$id/erratic/acts@$drives";

        return [$event => $car->deviations->chance($event, max(0.0, min(1.0, $readiness)))];
    }

    private function chance(Car $car, string $id, Failure $failure, SpeedInput $input, Drive $drive, DrivingMonitors $monitors): float
    {
        $spread = $car->vehicle->module->monitors->thresholdSpread;

        return $car->deviations->chanceThat(
            $car->deviation("module.$id.signal-limit"),
            static fn (float $deviation): bool => $monitors->finds(
                $failure,
                $input->withThresholdFactor(1.0 + $spread * $deviation),
                $drive,
                $deviation,
            ),
        );
    }

    private function event(string $id, Failure $failure, SpeedInput $input, Drive $drive): string
    {
        return sprintf('%s/%s/%.3f/%.3f/%.1f', $id, $failure->value, $input->leastTurnsPerSecond(), $input->evenFromTurnsPerSecond(), $drive->greatestSpeed());
    }
}
