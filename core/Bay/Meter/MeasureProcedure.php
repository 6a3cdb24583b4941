<?php

declare(strict_types=1);

namespace Lernfall\Bay\Meter;

use Lernfall\Bay\Actuators\Meanwhile;
use Lernfall\Bay\Actuators\Strain;
use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Lift\OnTheLift;
use Lernfall\Bay\Probing\PadSettings;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Vehicle;

/**
 * Reads the meter with its two leads on two pads.
 *
 * @extends BaseCarProcedure<Measure>
 */
final readonly class MeasureProcedure extends BaseCarProcedure
{
    public function name(): string
    {
        return 'measure';
    }

    public function observations(): array
    {
        return ['reading'];
    }

    public function tool(): string
    {
        return 'meter';
    }

    public function equipment(): array
    {
        return [Meter::class, OnTheLift::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('Read the meter with its two leads on two pads')
            ->with('function', Setting::choice(MeterFunction::class))
            ->with('first', Setting::text('Pad of the first lead, for example FR.sensor-plug.wheel.1'))
            ->with('second', Setting::text())
            ->orWith('fullScale', Setting::number('Full scale of a range set by hand, in the SI unit of the function; left out, the meter chooses', ['exclusiveMinimum' => 0]))
            ->orWith('relativeTo', Setting::number('Subtracted from the display, in the SI unit of the function'))
            ->orWith('records', Setting::bool('Keep the least and the greatest as well'))
            ->orWith('while', Meanwhile::setting());
    }

    public function example(): array
    {
        return ['function' => 'volts-ac', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'body'];
    }

    public function decode(Node $node): Action
    {
        return new Measure(
            $node->choice('function', MeterFunction::class),
            $node->text('first'),
            $node->text('second'),
            $node->has('fullScale') ? $node->float('fullScale') : null,
            $node->has('relativeTo') ? $node->float('relativeTo') : 0.0,
            $node->has('records') && $node->bool('records'),
            new Meanwhile($node->has('while') ? $node->texts('while') : []),
        );
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        PadSettings::pair($job->sound(), $action->first, $action->second);
        $action->meanwhile->check($job->sound());
        if ($action->fullScale !== null && $workshop->equipment(Meter::class)->ranges($action->function, $action->fullScale) === []) {
            throw UnfitAction::unknown('fullScale', (string) $action->fullScale);
        }
        if (! is_finite($action->relativeTo)) {
            throw UnfitAction::unknown('relativeTo', (string) $action->relativeTo);
        }
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new Strain($workshop->equipment(OnTheLift::class)))->during($car, $action->meanwhile, (new MeterWork($workshop->equipment(Meter::class)))->measure($car, $action));
    }

    public function repeat(Car $car, CarAction $action, Observation $shown, Workshop $workshop): array
    {
        $changesCircuit = $action->function === MeterFunction::Milliamperes || $car->state->connections->meter->inSeries !== null;

        return $changesCircuit ? $this->predict($car, $action, $workshop) : parent::repeat($car, $action, $shown, $workshop);
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        return [...MeterTests::of($channel), ...UnitTests::of($vehicle, $channel)];
    }

    public function candidateTestsOfTheWholeCar(Vehicle $vehicle): array
    {
        return [...MeterTests::ofTheWholeCar($vehicle), ...SwitchTests::of($vehicle)];
    }
}
