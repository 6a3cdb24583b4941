<?php

declare(strict_types=1);

namespace Lernfall\Bay\Scope;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\Action;
use Lernfall\Bay\Contract\ActionSchema;
use Lernfall\Bay\Contract\BaseCarProcedure;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\JobInHand;
use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\Setting;
use Lernfall\Bay\Contract\SettingRange;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Preliminaries\Before;
use Lernfall\Bay\Preliminaries\Pins;
use Lernfall\Bay\Probing\PadSettings;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Document\Node;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;

/**
 * One sweep of the scope over one or two pairs of pads.
 *
 * @extends BaseCarProcedure<Capture>
 */
final readonly class CaptureProcedure extends BaseCarProcedure
{
    private const MOST_INPUTS = 2;

    private const VOLTS_PER_DIVISION = [0.01, 10.0];

    private const SECONDS_PER_DIVISION = [1e-5, 1.0];

    private const COUPLINGS = ['dc', 'ac'];

    private const EDGES = ['rising', 'falling'];

    /** Half a turn a second fills the screen with one turn, on which a missing tooth is seen. */
    private const SECONDS_PER_DIVISION_OF_A_TURN = 0.2;

    private const PASSIVE_VOLTS_PER_DIVISION = 0.1;

    private const ACTIVE_VOLTS_PER_DIVISION = 0.5;

    public function name(): string
    {
        return 'capture';
    }

    public function observations(): array
    {
        return ['traces'];
    }

    public function tool(): string
    {
        return 'scope';
    }

    public function equipment(): array
    {
        return [Scope::class];
    }

    public function schema(): ActionSchema
    {
        return ActionSchema::of('One sweep of the scope over one or two pairs of pads')
            ->with('inputs', Setting::list(Setting::group([
                'first' => Setting::text(), 'second' => Setting::text(),
                'voltsPerDivision' => Setting::within(self::VOLTS_PER_DIVISION), 'coupling' => Setting::words(self::COUPLINGS),
            ]), ['minItems' => 1, 'maxItems' => self::MOST_INPUTS]))
            ->with('secondsPerDivision', Setting::within(self::SECONDS_PER_DIVISION))
            ->with('trigger', Setting::group([
                'input' => Setting::integer('', ['minimum' => 0, 'maximum' => self::MOST_INPUTS - 1]), 'volts' => Setting::number(), 'edge' => Setting::words(self::EDGES),
            ]));
    }

    public function example(): array
    {
        return [
            'inputs' => [['first' => 'FR.sensor-plug.wheel.1', 'second' => 'body', 'voltsPerDivision' => 0.5, 'coupling' => 'ac']],
            'secondsPerDivision' => 0.01, 'trigger' => ['input' => 0, 'volts' => 0.1, 'edge' => 'falling'],
        ];
    }

    public function decode(Node $node): Action
    {
        $inputs = [];
        foreach ($node->entries('inputs') as $input) {
            $inputs[] = new ScopeInput($input->text('first'), $input->text('second'), $input->float('voltsPerDivision'), $input->word('coupling', self::COUPLINGS) === 'ac');
        }
        $trigger = $node->at('trigger');

        return new Capture($inputs, $node->float('secondsPerDivision'), $trigger->int('input'), $trigger->float('volts'), $trigger->word('edge', self::EDGES) === 'rising');
    }

    public function check(Action $action, JobInHand $job, Workshop $workshop): void
    {
        if ($action->inputs === [] || count($action->inputs) > self::MOST_INPUTS) {
            throw UnfitAction::outOfRange('inputs', 1.0, self::MOST_INPUTS);
        }
        foreach ($action->inputs as $input) {
            PadSettings::pair($job->sound(), $input->first, $input->second);
            SettingRange::between('voltsPerDivision', $input->voltsPerDivision, self::VOLTS_PER_DIVISION);
        }
        SettingRange::between('secondsPerDivision', $action->secondsPerDivision, self::SECONDS_PER_DIVISION);
        if (! array_key_exists($action->triggerInput, $action->inputs)) {
            throw UnfitAction::unknown('trigger', (string) $action->triggerInput);
        }
    }

    public function goesOn(Action $action, ?Action $before): bool
    {
        return $before instanceof Capture && $action->looksWhere($before);
    }

    public function predict(Car $car, CarAction $action, Workshop $workshop): array
    {
        return (new ScopeWork($workshop->equipment(Scope::class)))->capture($car, $action);
    }

    /** The first sweep after a lead was put on has shown it touch. */
    public function repeat(Car $car, CarAction $action, Observation $shown, Workshop $workshop): array
    {
        return $car->state->connections->justTouched ? $this->predict($car, $action, $workshop) : parent::repeat($car, $action, $shown, $workshop);
    }

    public function candidateTests(Vehicle $vehicle, Channel $channel): array
    {
        $isActive = Switching::isActive($channel);
        $last = count($channel->conductors) - 1;
        $input = $isActive
            ? new ScopeInput(Pins::atModule($channel, $last), Pads::BODY, self::ACTIVE_VOLTS_PER_DIVISION, true)
            : new ScopeInput(Pins::atModule($channel, 0), Pins::atModule($channel, 1), self::PASSIVE_VOLTS_PER_DIVISION, true);

        return [CandidateTest::further(
            'scope-turning', [...Before::turning($channel), ...($isActive ? Before::keyOn() : [])], [new Capture([$input], self::SECONDS_PER_DIVISION_OF_A_TURN, 0, 0.0, true)], ['a.trace'],
        )];
    }
}
