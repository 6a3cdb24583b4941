<?php

declare(strict_types=1);

namespace Lernfall\Bay\Pedal;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Refusal;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Vehicle;

/**
 * The brake pedal pressed while the car stands. While the engine runs it is assisted; without it a few presses have used up what was in the servo
 * before anything is judged.
 *
 * @extends BaseCarProcedure<TryPedal>
 */
final readonly class TryPedalProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'try-pedal';
    }

    public function observations(): array
    {
        return ['pedal-tried'];
    }

    public function equipment(): array
    {
        return [Foot::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Press the brake pedal of the standing car lightly, firmly, and hold it; assisted while the engine runs')
            ->orWith('pumped', Setting::bool('It is pumped in quick succession before; left out, it is not'));
    }

    public function decode(Node $node): Action
    {
        return new TryPedal($node->has('pumped') && $node->bool('pumped'));
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if ($job->sound()->brakeParts->unit === null) {
            throw UnfitAction::notOnThisCar();
        }
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        if (! $car->state->lift->isSafeBeside()) {
            return Branch::refused($car, Refusal::Unsecured);
        }
        $work = new PedalWork($car, $workshop->equipment(Foot::class));
        $felt = $work->pressed($action->pumped);
        // what has run into the accumulators stays there until a pump empties them
        $left = $car->in($car->state->withAccumulated($felt->accumulated));

        return Branch::only($left, Prediction::of('pedal-tried', $work->told($felt)));
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return $vehicle->brakeParts->unit === null ? [] : [CandidateTest::usual('pedal', Before::running(), new TryPedal, ['height', 'feel', 'steady'])->ofTheUnit(), CandidateTest::further('pedal-pumped', Before::running(), [new TryPedal(true)], ['height', 'feel', 'steady'])->ofTheUnit()];
    }
}
