<?php

declare(strict_types=1);

namespace Lernfall\Bay\LiveData;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Memo;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\Feature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Driving\SpeedComparison;
use Lernfall\Drive\FreeDrive;
use Lernfall\Module\Disturbance;
use Lernfall\Signal\Rotation;
use Lernfall\Vehicle\Channel;

/** Reading the wheel speeds as the module counts them, at rest or at a steady speed. */
final readonly class LiveWork
{
    /** One step of the displayed speed: a tenth of a kilometre an hour. */
    public const SPEED_STEP = 0.1 / 3.6;

    /** @return non-empty-list<Branch> */
    public function speeds(Car $car, float $metresPerSecond): array
    {
        if (! $car->modulePowered() || ! $car->vehicle->module->talksToScanTools()) {
            return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
        }
        $held = $car->in($car->state->withSession($car->state->session->inSession(true)));
        if ($metresPerSecond <= 0.0) {
            return Branch::only($held, Prediction::of('speeds', $this->shown($car, 0.0)));
        }
        $refusal = DrivingWork::refusal($car);
        if ($refusal !== null) {
            return Branch::refused($car, $refusal);
        }
        $prediction = Prediction::of('speeds', $this->shown(DrivingWork::letGo($car), $metresPerSecond));

        return (new DrivingWork)->driven($held, FreeDrive::straight($metresPerSecond, LiveSpeeds::READING_SECONDS), static fn (): Prediction => $prediction);
    }

    /** @return array<string, Feature> */
    private function shown(Car $car, float $metresPerSecond): array
    {
        $features = [];
        $state = $car->electrical();
        foreach ($car->vehicle->channelIds() as $id) {
            $plainly = $car->isTypical() ? $state->plainlyAt($car->vehicle->channel($id)) : null;
            [$counted, $dips] = $plainly === null
                ? $this->counted($car, $id, $metresPerSecond)
                : Memo::with($car->channel($id), "live $plainly $metresPerSecond {$this->turns($car, $car->channel($id), $metresPerSecond)} {$car->state->key->position->value}", fn (): array => $this->counted($car, $id, $metresPerSecond));
            $shown = $car->vehicle->inputOf($id);
            $features["$shown.speed"] = NumberFeature::reading('metresPerSecond', $counted, self::SPEED_STEP, $counted > 0.0 ? self::SPEED_STEP : 0.0, canBeNegative: false);
            $features["$shown.run"] = CategoryFeature::certain($dips ? 'dips' : 'steady');
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
        $teeth = $car->vehicle->reckonedTeeth($id);
        if ((new SpeedReception($car))->isInjected($id)) {
            return [Rotation::speedFromFrequency($car->vehicle->tyre, $teeth, $car->state->connections->injection->hertz ?? 0.0), false];
        }
        $deviation = $car->deviations->standard($car->deviation("module.$id.signal-limit"));
        $hums = $metresPerSecond === 0.0 && (new SpeedReception($car))->hearsEngine($channel, $deviation);
        $fastest = $hums && $car->state->wheels->turnsOf($id) === 0.0
            ? [Rotation::speedFromFrequency($car->vehicle->tyre, $teeth, Disturbance::HERTZ), false]
            : [0.0, false];
        foreach ($car->channels([$id]) as $source) {
            $turns = $this->turns($car, $source, $metresPerSecond);
            $input = $metresPerSecond > 0.0 ? (new SpeedReception($car))->whileDriving($source, $deviation) : (new SpeedReception($car))->of($source, $deviation, $id);
            $counted = SpeedComparison::reckoned($source->wheelEnd->ring, $teeth, $input->countedTurnsPerSecond($turns), $car->vehicle->tyre->rollingCircumferenceMetres());
            $fastest = $counted > $fastest[0] || $source->id === $id && $input->hasGapsAt($turns) ? [$counted, $input->hasGapsAt($turns)] : $fastest;
        }

        return [$fastest[0], $fastest[1] || $hums && $car->state->wheels->turnsOf($id) !== 0.0];
    }

    /** How fast a wheel turns, which way does not matter here. */
    private function turns(Car $car, Channel $channel, float $metresPerSecond): float
    {
        return match (true) {
            $metresPerSecond > 0.0 => Rotation::turnsPerSecond($car->vehicle->tyre, $metresPerSecond) / $channel->wheelEnd->rollingFactor(),
            default => abs($car->state->wheels->turnsOf($channel->id)),
        };
    }
}
