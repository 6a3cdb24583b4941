<?php

declare(strict_types=1);

namespace Lernfall\Bay\Hands;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\OutcomeBranching;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * The wheel rocked, the ring and the sensor tried by hand. A joint that is worn a little is felt as well, in its own direction, and has nothing to do with any signal.
 *
 * @extends BaseCarProcedure<RockWheel>
 */
final readonly class RockWheelProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'rock-wheel';
    }

    public function observations(): array
    {
        return ['felt'];
    }

    public function equipment(): array
    {
        return [Hands::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Rock a raised wheel, try ring and sensor by hand')
            ->with('channel', Setting::text())
            ->orWith('at', Setting::choice(Grip::class, 'Where both hands take it; left out, at top and bottom'))
            ->orWith('braked', Setting::bool('Somebody holds the brake; left out, nobody does'));
    }

    public function example(): array
    {
        return ['channel' => 'FR'];
    }

    public function decode(Node $node): Action
    {
        return new RockWheel(
            $node->text('channel'),
            $node->has('at') ? $node->choice('at', Grip::class) : Grip::TopAndBottom,
            $node->has('braked') && $node->bool('braked'),
        );
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $job->sound()->channelIds());
    }

    public function reachesIn(CarAction $action): bool
    {
        return true;
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        if (! $car->state->lift->isSecured()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $hands = $workshop->equipment(Hands::class);
        $channel = $car->vehicle->channel($action->channel);
        $shaken = $channel->acting->channel ?? $channel;
        $play = $channel->wheelEnd->bearingPlayMetres;
        $event = sprintf('play.%s@%.6f', $action->channel, $play);
        $felt = $car->deviations->chanceThat(
            $car->deviation("eye.$action->channel.play"),
            static fn (float $deviation): bool => $play > $hands->feelsPlayFromMetres * (1.0 + $hands->feelSpread * $deviation),
        );
        $joint = "joint.$action->channel.{$action->at->value}";
        $worn = $car->deviations->chance($joint, $action->at === Grip::FrontAndRear ? $hands->trackRodPlay : $hands->ballJointPlay);
        [$ringTurns, $sensorMoves] = [$channel->wheelEnd->ring->damage->loose, $shaken->wheelEnd->gapMetres !== $channel->wheelEnd->gapMetres];
        $branches = [];
        foreach (OutcomeBranching::of($car, [$event => $felt, $joint => $worn]) as [$weight, $state, $outcomes]) {
            [$bearing, $there] = [$outcomes[$event] && ! $action->isBraked, $car->in($state)];
            $branches[] = new Branch($weight, $there, Prediction::of('felt', [
                'play' => CategoryFeature::certain($bearing || $outcomes[$joint] ? 'play-felt' : 'no-play'),
                'ring' => CategoryFeature::certain($ringTurns ? 'ring-turns' : 'ring-firm'),
                'sensor' => CategoryFeature::certain($sensorMoves ? 'sensor-moves' : 'sensor-firm'),
            ])->showing($car->isHypothesis() ? null : RockedWheel::picture($there, $action, $bearing, $outcomes[$joint], $ringTurns, $sensorMoves)));
        }

        return $branches;
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        $secured = [new Secure(SecureStep::Chock), new Secure(SecureStep::Raise), new Secure(SecureStep::Stand)];

        return [
            CandidateTest::usual('rock-wheel', $secured, new RockWheel($channel->id), ['play', 'ring', 'sensor']),
            CandidateTest::further('rock-wheel-braked', $secured, [new RockWheel($channel->id, isBraked: true)], ['play']),
        ];
    }
}
