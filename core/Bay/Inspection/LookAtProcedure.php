<?php

declare(strict_types=1);

namespace Lernfall\Bay\Inspection;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Note;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Hands\Hands;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/**
 * A close look at one place.
 *
 * @extends BaseCarProcedure<LookAt>
 */
final readonly class LookAtProcedure extends BaseCarProcedure
{
    private const WHERE_THERE_IS_ONE = [Sight::PumpFuse, Sight::ValveFuse, Sight::PumpRelay, Sight::ValveRelay, Sight::UnitGround, Sight::UnitPipes, Sight::PedalSwitch, Sight::LeverSwitch];

    public function name(): string
    {
        return 'look';
    }

    public function observations(): array
    {
        return ['sight'];
    }

    public function equipment(): array
    {
        return [Eyes::class, Manners::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Look closely at one place of a channel')
            ->with('channel', Setting::channel())
            ->with('at', Setting::choice(Sight::class))
            ->orWith('asks', Setting::bool(Refusal::ASKS))
            ->orWith('manner', Setting::choice(Manner::class, 'how it is looked at; closely where nothing is said'));
    }

    public function example(): array
    {
        return ['channel' => 'FR', 'at' => 'ring'];
    }

    public function decode(Node $node): Action
    {
        return new LookAt($node->text('channel'), $node->choice('at', Sight::class), $node->has('asks') && $node->bool('asks'), $node->has('manner') ? $node->choice('manner', Manner::class) : Manner::Closely);
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        SettingRange::known('channel', $action->channel, $action->at->isOfTheWholeCar() ? [Vehicle::WHOLE] : $job->sound()->channelIds());
        if ($action->at->isOfTheBrake() && ! isset($job->sound()->brakeParts->unit->hydraulics->wheels[$action->channel])) {
            throw UnfitAction::unknown('at', $action->at->value);
        }
        if (! $action->at->isOn($job->sound()) || $action->at === Sight::BodyPlug && ! $job->sound()->channel($action->channel)->has('body-plug')) {
            throw UnfitAction::unknown('at', $action->at->value);
        }
        if (! in_array($action->manner, $action->at->manners(), true)) {
            throw UnfitAction::unknown('manner', $action->manner->value);
        }
    }

    public function reachesIn(CarAction $action): bool
    {
        return $action->at->isAtTheWheel();
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new EyeWork($workshop->equipment(Eyes::class), $workshop->equipment(Hands::class), $workshop->equipment(Manners::class)))->look($car, $action);
    }

    /** A look at the tip may have freed a sensor that sat fast, and broken it. */
    public function repeat(Car $car, CarAction $action, Observation $shown, Workshop $workshop): array
    {
        return in_array(Note::SensorSeized, $shown->notes, true) ? $this->predict($car, $action, $workshop) : parent::repeat($car, $action, $shown, $workshop);
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        return [
            $this->test('look-ring', Before::turning($channel), $channel, Sight::Ring),
            ...($channel->wheelEnd->ring->isEncoder ? [$this->test('look-film', Before::secured(), $channel, Sight::Film)] : []),
            $this->test('look-gap', Before::secured(), $channel, Sight::Gap),
            $this->test('look-tyre', [], $channel, Sight::Tyre),
            ...(isset($vehicle->brakeParts->unit->hydraulics->wheels[$channel->id]) ? [$this->test('look-linings', [], $channel, Sight::Linings), $this->test('look-brake-line', [], $channel, Sight::BrakeLine)] : []),
            $this->test('look-tip', Before::secured(), $channel, Sight::Tip),
            $this->test('look-cable', [], $channel, Sight::Cable),
            ...array_map(static fn (Provocation $lock): CandidateTest => CandidateTest::further(
                "look-cable-$lock->value", [new Provoke($lock, $channel->id)], [new LookAt($channel->id, Sight::Cable)], ['rubbing'],
            ), $channel->place->axle === 'front' ? [Provocation::SteeringLeft, Provocation::SteeringRight] : []),
            $this->test('look-sensor-plug', Before::sensorUnplugged($channel), $channel, Sight::SensorPlug),
            ...($channel->has('body-plug') ? [$this->test('look-body-plug', [new Unplug($channel->plug('body-plug')->plugId)], $channel, Sight::BodyPlug)] : []),
            $this->test('look-module-plug', Before::moduleUnplugged($channel), $channel, Sight::ModulePlug),
        ];
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        $look = static fn (string $id, Sight $at): CandidateTest => CandidateTest::usual($id, [], new LookAt(Vehicle::WHOLE, $at), ['sight'])->ofTheWholeCar();

        return [
            ...(! $vehicle->brakeParts->has(BrakeParts::FLUID) ? [] : [$look('look-fluid', Sight::Fluid)]),
            $look('look-fuse', Sight::Fuse),
            $look('look-relay', Sight::Relay),
            $look('look-ground', Sight::Ground),
            ...array_map(static fn (Sight $at): CandidateTest => $look("look-$at->value", $at), array_values(array_filter(self::WHERE_THERE_IS_ONE, static fn (Sight $at): bool => $at->isOn($vehicle)))),
        ];
    }

    /** @param  list<CarAction>  $before */
    private function test(string $id, array $before, Channel $channel, Sight $at): CandidateTest
    {
        return CandidateTest::usual($id, $before, new LookAt($channel->id, $at), ['sight']);
    }
}
