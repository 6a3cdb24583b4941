<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\BenchSupply\FeedSensor;
use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CandidateTest;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Hands\TurnWheel;
use Lernfall\Bay\Jumpers\ConnectLeads;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\KnownGood\FitKnownGoodPart;
use Lernfall\Bay\Lift\Secure;
use Lernfall\Bay\Lift\SecureStep;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Plugs\Join;
use Lernfall\Bay\Plugs\Unplug;

/**
 * How to get from the car as it stands to a usual test, which is written down for a car that has just come in: what is in
 * the way is undone, what is done already is not done again. Plugs are moved with the key off.
 */
final readonly class Preparation
{
    public function __construct(private CarState $state)
    {
    }

    /** @return list<CarAction> */
    public function for(CandidateTest $test): array
    {
        $wanted = $this->wantedKey($test);
        $open = array_values(array_map(static fn (Unplug $one): string => $one->plug, array_filter($test->before, static fn (CarAction $one): bool => $one instanceof Unplug)));
        $drives = $this->has($test, RoadTest::class) || $wanted === Ignition::Running;
        $first = $this->undone($test, $open, $wanted, $drives);
        $key = $this->keyAfter($first);
        $rest = [];
        foreach ($test->before as $action) {
            if (! $this->isDone($action, $key)) {
                $rest[] = $action;
                $key = $action instanceof TurnKey ? $action->to : $key;
            }
        }

        return [...$first, ...$rest];
    }

    /**
     * @param  list<string>  $open  plugs the test wants apart
     * @return list<CarAction>
     */
    private function undone(CandidateTest $test, array $open, Ignition $wanted, bool $drives): array
    {
        $undone = [];
        $joins = array_values(array_diff($this->state->places->openPlugs, $open));
        $opens = array_values(array_diff($open, $this->state->places->openPlugs));
        $turns = $this->state->wheels->channels()[0] ?? '';
        if ($this->state->connections->provoked !== null) {
            $undone[] = new Provoke(null, $this->state->connections->provoked->channel);
        }
        if ($this->state->connections->injection !== null) {
            $undone[] = new Inject($this->state->connections->injection->channel, InjectedShape::from($this->state->connections->injection->shape), 0.0, 0.0);
        }
        if ($this->state->connections->jumpers !== []) {
            $undone[] = new ConnectLeads([]);
        }
        if ($this->state->connections->bench !== null) {
            $undone[] = new FeedSensor($this->state->connections->bench->channel, 0.0, 0.0, false);
        }
        $out = $this->takenOut($test);
        array_push($undone, ...$out);
        if ($turns !== '' && ! $this->turns($test, $turns)) {
            $undone[] = new TurnWheel($turns, 0.0);
        }
        $mustBeOff = $joins !== [] || $opens !== [] && $this->state->isPowered() || $wanted === Ignition::Off
            || $this->state->key->isRunning() && ($this->has($test, Secure::class) || $wanted === Ignition::On);
        if ($mustBeOff && $this->state->isPowered()) {
            $undone[] = new TurnKey(Ignition::Off);
        }
        array_push($undone, ...array_map(static fn (string $plug): CarAction => new Join($plug), $joins));

        return $drives ? [...$undone, ...$this->lowered($out)] : $undone;
    }

    /** @return list<CarAction> parts from the shelf that the test does without: the car's own go back */
    private function takenOut(CandidateTest $test): array
    {
        $out = [];
        foreach ($this->state->places->removed->all() as [$part, $place]) {
            if (! $this->fits($test, new FitKnownGoodPart($part, $place, true))) {
                $lift = $this->state->lift;
                array_push($out, ...($part->needsFreeWheel() ? [
                    ...($lift->chocked ? [] : [new Secure(SecureStep::Chock)]),
                    ...($lift->raised ? [] : [new Secure(SecureStep::Raise)]),
                    ...($lift->onStands ? [] : [new Secure(SecureStep::Stand)]),
                ] : []), ...[new FitKnownGoodPart($part, $place, false)]);
            }
        }

        return $out;
    }

    /**
     * @param  list<CarAction>  $before  for which it may have been raised
     * @return list<CarAction>
     */
    private function lowered(array $before): array
    {
        $steps = array_map(static fn (Secure $one): SecureStep => $one->step, array_filter($before, static fn (CarAction $one): bool => $one instanceof Secure));

        return [
            ...($this->state->lift->raised || in_array(SecureStep::Raise, $steps, true) ? [new Secure(SecureStep::Lower)] : []),
            ...($this->state->lift->chocked || in_array(SecureStep::Chock, $steps, true) ? [new Secure(SecureStep::Unchock)] : []),
        ];
    }

    private function isDone(CarAction $action, Ignition $key): bool
    {
        $lift = $this->state->lift;

        return match (true) {
            $action instanceof TurnKey => $action->to === $key,
            $action instanceof Unplug => $this->state->isOpen($action->plug),
            $action instanceof FitKnownGoodPart => $this->state->places->removed->has($action->part, $action->channel) === $action->fitted,
            $action instanceof TurnWheel => $this->state->wheels->channels() === [$action->channel] && $this->state->wheels->turnsOf($action->channel) === $action->turnsPerSecond,
            $action instanceof Secure => match ($action->step) {
                SecureStep::Chock => $lift->chocked,
                SecureStep::Raise => $lift->raised,
                SecureStep::Stand => $lift->onStands,
                default => false,
            },
            default => false,
        };
    }

    /** Ohms are measured without power, a plug that is looked into is opened without it. */
    private function wantedKey(CandidateTest $test): Ignition
    {
        $keys = array_values(array_filter($test->before, static fn (CarAction $one): bool => $one instanceof TurnKey));

        return $keys === [] ? ($this->needsPowerOff($test) ? Ignition::Off : $this->usualKey($test)) : $keys[count($keys) - 1]->to;
    }

    /** Whether the meter feeds a current of its own, or a plug is opened for it. */
    private function needsPowerOff(CandidateTest $test): bool
    {
        return $test->looks[0] instanceof Measure && $test->looks[0]->function->feedsCurrent() || $this->has($test, Unplug::class);
    }

    /** Where the key does not matter it stays, unless the engine would run under a raised car. */
    private function usualKey(CandidateTest $test): Ignition
    {
        return $this->state->key->isRunning() && $this->has($test, Secure::class) ? Ignition::Off : $this->state->key->position;
    }

    /** @param  list<CarAction>  $actions */
    private function keyAfter(array $actions): Ignition
    {
        $key = $this->state->key->position;
        foreach ($actions as $action) {
            $key = $action instanceof TurnKey ? $action->to : $key;
        }

        return $key;
    }

    private function fits(CandidateTest $test, FitKnownGoodPart $wanted): bool
    {
        return array_filter($test->before, static fn (CarAction $one): bool => $one == $wanted) !== [];
    }

    private function turns(CandidateTest $test, string $channel): bool
    {
        return array_filter($test->before, static fn (CarAction $one): bool => $one instanceof TurnWheel && $one->channel === $channel) !== [];
    }

    /** @param  class-string<CarAction>  $class */
    private function has(CandidateTest $test, string $class): bool
    {
        return array_filter($test->before, static fn (CarAction $one): bool => $one instanceof $class) !== [];
    }
}
