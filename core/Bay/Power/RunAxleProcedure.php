<?php

declare(strict_types=1);

namespace Lernfall\Bay\Power;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\SpeedReception;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\SeriesFeature;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\LiveData\LiveWork;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Drive\FreeDrive;
use Lernfall\Drive\SpeedTrack;
use Lernfall\Signal\Rotation;
use Lernfall\Signal\Teeth;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Provocation;

/**
 * The driven axle turned by the engine, on stands: straight ahead, idling, a helper at the brake, nobody at the wheels.
 *
 * Both wheels are taken to turn alike, as an open differential lets them that nothing holds.
 *
 * @extends BaseCarProcedure<RunAxle>
 */
final readonly class RunAxleProcedure extends BaseCarProcedure
{
    private const SECONDS_PER_SAMPLE = 0.1;

    public function name(): string
    {
        return 'run-axle';
    }

    public function observations(): array
    {
        return ['done', 'axle-running'];
    }

    public function equipment(): array
    {
        return [Idling::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Let the engine turn both wheels of the driven axle on stands, idling and straight ahead, or stop them')
            ->with('running', Setting::bool());
    }

    public function example(): array
    {
        return ['running' => true];
    }

    public function decode(Node $node): Action
    {
        return new RunAxle($node->bool('running'));
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        if (! $action->running) {
            return Branch::only($car->in($car->state->withWheels($car->state->wheels->stopped()->rolled())), Prediction::of('done'));
        }
        $refusal = $this->refusal($car);
        if ($refusal !== null) {
            return Branch::refused($car, $refusal);
        }
        $idling = $workshop->equipment(Idling::class);
        $turns = [];
        foreach ($this->driven($car) as $channel) {
            $turns[$channel->id] = Rotation::turnsPerSecond($car->vehicle->tyre, $idling->metresPerSecond) / $channel->wheelEnd->rollingFactor();
        }
        $running = $car->in($car->state->withWheels($car->state->wheels->driven($turns)));

        return Branch::only($running, Prediction::of('axle-running', $this->graph($running, $idling, $workshop)));
    }

    private function refusal(Car $car): ?Refusal
    {
        return match (true) {
            $this->driven($car) === [] => Refusal::NotDriven,
            ! $car->state->lift->isSecured() => Refusal::Unsecured,
            ! $car->state->key->isRunning() => Refusal::EngineOff,
            in_array($car->state->connections->provoked?->how, [Provocation::SteeringLeft, Provocation::SteeringRight], true) => Refusal::SteeringTurned,
            $car->state->connections->isConnected() => Refusal::LeadsConnected,
            default => null,
        };
    }

    /** @return list<Channel> of the wheels the engine turns */
    private function driven(Car $car): array
    {
        $axle = $car->vehicle->model->drivenAxle();

        return array_values(array_filter($car->vehicle->channels, static fn (Channel $channel): bool => $axle !== '' && $channel->place->axle === $axle && $channel->place->wheels !== []));
    }

    /**
     * The two speeds side by side as the module counts them, where a tool shows them at all.
     *
     * @return array<string, SeriesFeature>
     */
    private function graph(Car $car, Idling $idling, Workshop $workshop): array
    {
        if (! $car->modulePowered() || ! $car->vehicle->module->talksToScanTools() || ! $workshop->has('live-data')) {
            return [];
        }
        $drive = FreeDrive::straight($idling->metresPerSecond, $idling->watchedSeconds)->drive();
        $shown = (int) ceil(($drive->seconds() - ($drive->stretches[count($drive->stretches) - 1]->seconds)) / self::SECONDS_PER_SAMPLE);
        $graph = [];
        foreach ($this->driven($car) as $driven) {
            $channel = $car->channel($driven->id);
            $input = (new SpeedReception($car))->whileDriving($channel, $car->deviations->standard($car->deviation("module.$channel->id.signal-limit")));
            $track = new SpeedTrack(
                $input, Teeth::of($channel), '', $car->vehicle->tyre->rollingCircumferenceMetres() * $channel->wheelEnd->rollingFactor(),
                $channel->wheelEnd->ring->teeth / $car->vehicle->reckonedTeeth($channel->id) / $channel->wheelEnd->rollingFactor(),
                dropsOutFromSeconds: $input->isDisturbed() ? 0.0 : INF,
            );
            $graph["{$car->vehicle->inputOf($channel->id)}.speed"] = new SeriesFeature('metresPerSecond', array_slice($track->over($drive, self::SECONDS_PER_SAMPLE), 0, $shown), self::SECONDS_PER_SAMPLE, LiveWork::SPEED_STEP);
        }

        return $graph;
    }
}
