<?php

declare(strict_types=1);

namespace Lernfall\Bay\Actuators;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\KnownGoodPart;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\Lift\OnTheLift;
use Lernfall\Bay\Pedal\TryPedal;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\BrakeParts;
use Lernfall\Vehicle\Brakes\Modulation;
use Lernfall\Vehicle\Brakes\WheelLine;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * The scan terminal runs the pump, or the valves of a corner.
 *
 * @extends BaseCarProcedure<TestActuator>
 */
final readonly class TestActuatorProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'test-actuator';
    }

    public function observations(): array
    {
        return ['actuator', 'no-answer'];
    }

    public function tool(): string
    {
        return 'actuator-tests';
    }

    public function equipment(): array
    {
        return [OnTheLift::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Have the scan terminal run the pump, or the valves of a corner while a helper presses the brake')
            ->with('part', Setting::text('"pump", "valves." and a channel, or "build-up." and a channel'))
            ->orWith('modulation', Setting::words([Modulation::Hold->value, Modulation::Reduce->value], 'What the valves are driven to; left out, they reduce'))
            ->orWith('beforePedal', Setting::bool('The valves are driven before the pedal goes down; left out, after'))
            ->orWith('with', Setting::list(Setting::text(), ['maxItems' => 7], 'Further valves that are driven at the same time'));
    }

    public function example(): array
    {
        return ['part' => 'pump'];
    }

    public function decode(Node $node): Action
    {
        return new TestActuator(
            $node->text('part'),
            $node->has('modulation') ? $node->choice('modulation', Modulation::class) : Modulation::Reduce,
            $node->has('beforePedal') && $node->bool('beforePedal'),
            $node->has('with') ? $node->texts('with') : [],
        );
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        $valves = array_map(BrakeParts::valves(...), BrakeParts::channelsOf($job->sound()->brakeParts->ids()));
        SettingRange::known('part', $action->part, [...($job->sound()->brakeParts->has(BrakeParts::PUMP) ? [BrakeParts::PUMP] : []), ...$valves, ...array_map(static fn (string $channel): string => TestActuator::BUILD_UP.$channel, self::built($job->sound()))]);
        foreach ($action->with as $further) {
            SettingRange::known('with', $further, $action->part === BrakeParts::PUMP || $action->buildsUp() ? [] : array_values(array_diff($valves, [$action->part])));
        }
        SettingRange::known('modulation', $action->modulation->value, [Modulation::Hold->value, Modulation::Reduce->value]);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new ActuatorWork)->run($car, $action, $workshop->equipment(OnTheLift::class));
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        if (! $this->isReached($vehicle, $channel)) {
            return [];
        }
        $valves = new TestActuator(BrakeParts::valves($channel->id));

        return [
            CandidateTest::usual('valves', [...Before::secured(), ...Before::keyOn()], $valves, ['wheel', 'others', 'valve-sound'])->ofTheUnit(),
            CandidateTest::further('valves-before-pedal', [...Before::secured(), ...Before::keyOn()], [new TestActuator(BrakeParts::valves($channel->id), Modulation::Hold, true)], ['wheel'])->ofTheUnit(),
            ...($channel->place->axle === 'front' && $vehicle->brakeParts->has(BrakeParts::PUMP) ? [$this->repeated($vehicle, $channel)] : []),
            ...(in_array($channel->id, self::built($vehicle), true) && $channel->place->axle === 'front' ? [CandidateTest::further(
                'build-up', [...Before::secured(), ...Before::keyOn()], [new TestActuator(TestActuator::BUILD_UP.$channel->id)], ['wheel'],
            )->ofTheUnit()] : []),
            ...(KnownGoodPart::ValveRelay->places($vehicle) === [] ? [] : [CandidateTest::further(
                'valves-with-trial-relay', [...Before::secured(), new FitKnownGoodPart(KnownGoodPart::ValveRelay, Vehicle::WHOLE, true), ...Before::keyOn()], [$valves], ['wheel'],
            )->ofTheUnit()]),
        ];
    }

    /** All wheels of a circuit reduced, and again after the pump has run: what it does not empty is full by then. */
    private function repeated(Vehicle $vehicle, Channel $channel): CandidateTest
    {
        $hydraulics = $vehicle->unit()->hydraulics;
        $circuit = array_keys(array_filter($hydraulics->wheels, static fn (WheelLine $line): bool => $line->circuit === $hydraulics->wheels[$channel->id]->circuit));
        $valves = new TestActuator(BrakeParts::valves($channel->id), with: array_map(BrakeParts::valves(...), array_values(array_diff($circuit, [$channel->id]))));
        $pump = new TestActuator(BrakeParts::PUMP);

        return CandidateTest::further('valves-repeated', [...Before::secured(), ...Before::keyOn()], [$valves, $pump, $valves, $pump, $valves], ['wheel'])->ofTheUnit();
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        $pump = new TestActuator(BrakeParts::PUMP);
        $valves = array_map(
            static fn (Channel $channel): TestActuator => new TestActuator(BrakeParts::valves($channel->id)),
            array_values(array_filter($vehicle->channels, fn (Channel $channel): bool => $this->isReached($vehicle, $channel))),
        );

        return [
            ...($valves === [] ? [] : [CandidateTest::further('valves-of-all', [...Before::secured(), ...Before::keyOn()], $valves, ['wheel'])->ofTheUnit()]),
            ...(count($valves) < 2 ? [] : [CandidateTest::usual(
                'valves-together', [...Before::secured(), ...Before::keyOn()], new TestActuator($valves[0]->part, with: array_map(static fn (TestActuator $one): string => $one->part, array_slice($valves, 1))),
                ['wheel', ...array_map(static fn (TestActuator $one): string => "wheel.{$one->channels()[0]}", array_slice($valves, 1))],
            )->ofTheUnit()]),
            ...($vehicle->brakeParts->unit === null ? [] : [
                CandidateTest::usual('pump', Before::keyOn(), $pump, ['pump', ...(KnownGoodPart::PumpRelay->places($vehicle) === [] ? [] : ['relay-sound'])])->ofTheUnit(),
                // what leaks into the accumulators comes back at the pedal; past the seals of the master cylinder, nothing does
                CandidateTest::further('pump-after-pedal', Before::keyOn(), [new TryPedal, $pump], ['pedal'])->ofTheUnit(),
            ]),
            ...(KnownGoodPart::PumpRelay->places($vehicle) === [] ? [] : [CandidateTest::further(
                'pump-with-trial-relay', [new FitKnownGoodPart(KnownGoodPart::PumpRelay, Vehicle::WHOLE, true), ...Before::keyOn()], [$pump], ['pump'],
            )->ofTheUnit()]),
        ];
    }

    /** @return list<string> channels whose wheel the pump can brake without the pedal */
    private static function built(Vehicle $sound): array
    {
        return array_values(array_filter($sound->channelIds(), static fn (string $channel): bool => $sound->brakeParts->unit?->hydraulics->buildsUp($channel) === true));
    }

    private function isReached(Vehicle $vehicle, Channel $channel): bool
    {
        return $vehicle->brakeParts->has(BrakeParts::valves($channel->id));
    }
}
