<?php

declare(strict_types=1);

namespace Lernfall\Bay\LiveData;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\CircuitCheck;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\NumberFeature;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Driving\DrivingWork;
use Lernfall\Bay\Driving\MonitorFinding;
use Lernfall\Drive\Provoking;
use Lernfall\Drive\SpeedTrack;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\Provocation;

/** Driving with the wheel speeds recorded, the whole drive or what lies around the moment a code is set. */
final readonly class RecordingWork
{
    private const BEFORE_SECONDS = 6.0;

    private const AFTER_SECONDS = 4.0;

    /**
     * @param  bool  $shows  false where only what it does to the car is asked for
     * @return non-empty-list<Branch>
     */
    public function record(Car $car, RecordDrive $record, bool $shows = true): array
    {
        if (! $car->modulePowered() || ! $car->vehicle->module->talksToScanTools()) {
            return Branch::only($car, Prediction::of('no-answer', ['answer' => CategoryFeature::certain('no')]));
        }
        $refusal = DrivingWork::refusal($car);
        if ($refusal !== null) {
            return Branch::refused($car, $refusal);
        }
        $driving = DrivingWork::letGo($car->in($car->state->withSession($car->state->session->inSession(true))));

        return (new DrivingWork)->driven($driving, $record->route, fn (array $found): Prediction => $shows ? $this->recorded($driving, $record, $found) : Prediction::of('recording'));
    }

    /** @param  list<MonitorFinding>  $found */
    private function recorded(Car $car, RecordDrive $record, array $found): Prediction
    {
        $first = $record->onCode ? $this->first($found) : null;
        if ($record->onCode && $first === null) {
            return Prediction::of('recording', ['triggered' => CategoryFeature::certain('no')]);
        }
        $features = ['triggered' => CategoryFeature::certain($first === null ? 'whole' : 'yes')];
        foreach ($car->vehicle->channelIds() as $id) {
            $features["{$car->vehicle->inputOf($id)}.speed"] = RecordedTracks::on($record->route, $this->track($car, $id, $found), self::around($first));
        }
        if ($first?->moment !== null) {
            $features['at'] = NumberFeature::reading('seconds', min(self::BEFORE_SECONDS, $first->moment->seconds), RecordedTracks::SECONDS_PER_SAMPLE, 0.0);
            $features['code'] = CategoryFeature::certain($car->vehicle->module->dialect->code($car->vehicle->inputOf($first->channel), $first->failure->value));
        }

        return Prediction::of('recording', $features);
    }

    /** @param  list<MonitorFinding>  $found */
    private function track(Car $car, string $id, array $found): SpeedTrack
    {
        $channel = $car->channel($id);
        $input = (new SpeedReception($car))->whileDriving($channel, $car->deviations->standard($car->deviation("module.$id.signal-limit")));
        $acted = array_values(array_filter($found, static fn (MonitorFinding $one): bool => $one->acted && $one->channel === $id))[0] ?? null;
        $provocation = $acted === null ? null : $car->vehicle->channel($id)->acting?->provocation;
        $ground = $provocation === null ? null : Provoking::ground($provocation);
        $anywhere = $provocation !== null && $ground === null;

        return new SpeedTrack(
            $input,
            Teeth::of($channel),
            $channel->place->side,
            $car->vehicle->tyre->rollingCircumferenceMetres() * $channel->wheelEnd->rollingFactor(),
            $channel->wheelEnd->ring->teeth / $car->vehicle->reckonedTeeth($id) / $channel->wheelEnd->rollingFactor(),
            $ground,
            $provocation !== null && Provoking::lasts($provocation),
            match (true) {
                $input->isDisturbed() => 0.0,
                $anywhere => $provocation === Provocation::Heat ? $acted->moment->seconds ?? 0.0 : 0.0,
                default => INF,
            },
            $this->goneFrom($car, $id, $found),
        );
    }

    /**
     * When the module switches off what it feeds this sensor with, because of a short here or on the same supply.
     *
     * @param  list<MonitorFinding>  $found
     */
    private function goneFrom(Car $car, string $id, array $found): float
    {
        foreach ($found as $one) {
            if ($one->acted && in_array($id, CircuitCheck::withheld($car->vehicle, CircuitCheck::spread($car->vehicle, [$one->channel => [$one->failure]])), true)
                && $one->failure->isElectrical() && $car->vehicle->channel($id)->sensor->isActive()) {
                return $one->moment->seconds ?? INF;
            }
        }

        return INF;
    }

    /** @param  list<MonitorFinding>  $found */
    private function first(array $found): ?MonitorFinding
    {
        $dated = array_values(array_filter($found, static fn (MonitorFinding $one): bool => $one->moment !== null));
        usort($dated, static fn (MonitorFinding $one, MonitorFinding $other): int => $one->moment?->seconds <=> $other->moment?->seconds);

        return $dated[0] ?? null;
    }

    /** @return ?array{float, float} seconds of the drive; null for all of it */
    private static function around(?MonitorFinding $first): ?array
    {
        $at = $first?->moment?->seconds;

        return $at === null ? null : [$at - self::BEFORE_SECONDS, $at + self::AFTER_SECONDS];
    }
}
