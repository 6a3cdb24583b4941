<?php

declare(strict_types=1);

namespace Lernfall\Evidence\Advice;

use Lernfall\Bay\Car\CarState;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Driving\RoadTest;
use Lernfall\Bay\Generator\Inject;
use Lernfall\Bay\Generator\InjectedShape;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\LiveData\LiveSpeeds;
use Lernfall\Bay\Meter\Measure;
use Lernfall\Bay\Meter\MeterFunction;
use Lernfall\Bay\Plugs\Unplug;
use Lernfall\Bay\Scan\ClearCodes;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Bay\Scope\Capture;
use Lernfall\Bay\Scope\ScopeInput;
use Lernfall\Bay\Workshop\Workshop;
use Lernfall\Drive\Route;
use Lernfall\Evidence\Preview\StandardTest;
use Lernfall\Evidence\Preview\StandardTests;
use Lernfall\Signal\Switching;
use Lernfall\Vehicle\Channel;
use Lernfall\Vehicle\Pad;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\PadSide;
use Lernfall\Vehicle\Plug;
use Lernfall\Vehicle\Provocation;
use Lernfall\Vehicle\Vehicle;

/** Every test that could sensibly come next on a car as it stands. */
final readonly class Trials
{
    private const PROVOCATIONS = [
        Provocation::SteeringLeft, Provocation::SteeringRight, Provocation::WiggleCable, Provocation::WiggleSensorPlug,
        Provocation::WiggleLoom, Provocation::WiggleModulePlug, Provocation::Heat,
    ];

    private const DRIVES = [Route::LeftBends, Route::RightBends, Route::Bumps, Route::WarmUp];

    /** A generator that a healthy input hears without trouble. */
    private const HERTZ = 100.0;

    private const SINE_VOLTS = 1.0;

    private const SQUARE_AMPERES = 0.014;

    /** Half a turn a second fills the screen with one turn. */
    private const SECONDS_PER_DIVISION = 0.2;

    private const VOLTS_PER_DIVISION = 0.1;

    private const ACTIVE_VOLTS_PER_DIVISION = 0.5;

    public function __construct(private Workshop $workshop)
    {
    }

    /** @return list<Trial> */
    public function on(Vehicle $vehicle, CarState $state): array
    {
        $preparation = new Preparation($state);
        $trials = [];
        foreach ($vehicle->channels as $channel) {
            array_push($trials, ...$this->wireByWire($channel, $preparation));
            foreach ([...StandardTests::of($vehicle, $channel), ...$this->scoped($vehicle, $channel), ...$this->provoked($vehicle, $channel), ...$this->injected($vehicle, $channel), ...Exchanges::of($vehicle, $channel)] as $test) {
                if ($test->id !== 'codes') { // read with the whole car below
                    $trials[] = $this->trial($test, $channel->id, $preparation);
                }
            }
        }
        array_push($trials, ...$this->valves($vehicle, $preparation));
        foreach ([...StandardTests::ofTheWholeCar($vehicle), ...Exchanges::ofTheWholeCar($vehicle), ...$this->drives($vehicle)] as $test) {
            if ($test->id !== 'codes-of-parts') {
                $trials[] = $this->trial($test, Vehicle::WHOLE, $preparation);
            }
        }

        return array_values(array_filter($trials, $this->isPossible(...)));
    }

    /** Whether every tool it needs is there. */
    private function isPossible(Trial $trial): bool
    {
        return array_filter($trial->actions(), fn (CarAction $action): bool => ! $this->workshop->hasToolFor($action)) === [];
    }

    /** @param  list<CarAction>  $also  what is measured in the same breath */
    private function trial(StandardTest $test, string $place, Preparation $preparation, array $also = []): Trial
    {
        $before = $preparation->for($test);
        $looks = [$test->action, ...$also];
        $minutes = 0.0;
        $money = 0.0;
        foreach ([...$before, ...$looks] as $action) {
            $rate = $this->workshop->rate($action);
            $minutes += $rate->minutes;
            $money += $rate->money;
        }

        return new Trial($test->id, $place, $before, $looks, $test->features, $minutes, $money + $minutes * $this->workshop->costPerMinute, $test->reaches($place));
    }

    /** @return list<Trial> the valves of every wheel in one go */
    private function valves(Vehicle $vehicle, Preparation $preparation): array
    {
        $tests = [];
        foreach ($vehicle->channels as $channel) {
            array_push($tests, ...array_filter(StandardTests::of($vehicle, $channel), static fn (StandardTest $one): bool => $one->id === 'valves'));
        }
        $actions = array_map(static fn (StandardTest $one): CarAction => $one->action, $tests);

        return $tests === [] ? [] : [$this->trial(new StandardTest('valves-of-all', $tests[0]->before, $actions[0], ['wheel'], false), Vehicle::WHOLE, $preparation, array_slice($actions, 1))];
    }

    /** @return list<Trial> every conductor measured in one go: the loom from end to end, and each plug over its joined contacts */
    private function wireByWire(Channel $channel, Preparation $preparation): array
    {
        $plugs = $channel->plugs();
        [$first, $last] = [$plugs[0], $plugs[count($plugs) - 1]];
        $trials = [
            $this->measured('loom-by-wires', $channel, [$first->plugId, $last->plugId], $preparation, [$first, PadSide::Module], [$last, PadSide::Wheel]),
            $this->measured('loom-to-body', $channel, [$first->plugId, $last->plugId], $preparation, [$last, PadSide::Wheel], null),
        ];
        foreach (array_slice($plugs, 1, -1) as $between) {
            $trials[] = $this->measured('extension-by-wires', $channel, [$first->plugId, $between->plugId], $preparation, [$first, PadSide::Module], [$between, PadSide::Wheel]);
            $trials[] = $this->measured('inner-loom-by-wires', $channel, [$between->plugId, $last->plugId], $preparation, [$between, PadSide::Module], [$last, PadSide::Wheel]);
        }
        foreach ($plugs as $plug) {
            $trials[] = $this->measured("contacts-{$plug->name()}", $channel, $plug === $last ? [$first->plugId] : [$last->plugId], $preparation, [$plug, PadSide::Wheel], [$plug, PadSide::Module]);
        }

        return $trials;
    }

    /**
     * @param  list<string>  $open  plugs apart
     * @param  array{Plug, PadSide}  $from
     * @param  ?array{Plug, PadSide}  $to  null for the body
     */
    private function measured(string $id, Channel $channel, array $open, Preparation $preparation, array $from, ?array $to): Trial
    {
        $looks = array_map(static fn ($conductor): Measure => new Measure(
            MeterFunction::Ohms,
            Pad::onPlug($channel->id, $from[0]->name(), $from[1], $conductor->id)->id,
            $to === null ? Pads::BODY : Pad::onPlug($channel->id, $to[0]->name(), $to[1], $conductor->id)->id,
        ), $channel->conductors);
        $before = array_map(static fn (string $plug): Unplug => new Unplug($plug), array_values(array_unique($open)));

        return $this->trial(new StandardTest($id, $before, $looks[0], ['reading']), $channel->id, $preparation, array_slice($looks, 1));
    }

    /** @return list<StandardTest> the joined circuit watched while something is moved or warmed */
    private function provoked(Vehicle $vehicle, Channel $channel): array
    {
        $watched = Switching::isActive($channel) ? 'supply-at-sensor' : 'bias-joined';
        foreach (StandardTests::of($vehicle, $channel) as $test) {
            if ($test->id === $watched) {
                return [
                    ...(Switching::isActive($channel) ? [new StandardTest("$watched-still", [new TurnKey(Ignition::On)], $test->action, $test->features)] : []),
                    ...array_map(static fn (Provocation $how): StandardTest => new StandardTest(
                        "$watched-$how->value", [new TurnKey(Ignition::On), new Provoke($how, $channel->id)], $test->action, $test->features,
                    ), self::PROVOCATIONS),
                ];
            }
        }

        return [];
    }

    /** @return list<StandardTest> a whole turn on the screen, where a missing tooth is seen, over a coil or from the signal wire to the body; and its frequency */
    private function scoped(Vehicle $vehicle, Channel $channel): array
    {
        $isActive = Switching::isActive($channel);
        foreach (StandardTests::of($vehicle, $channel) as $test) {
            if ($test->id === 'look-ring') { // at the turning wheel
                $pads = array_map(static fn ($conductor): string => Pad::onPlug($channel->id, 'module-plug', PadSide::Wheel, $conductor->id)->id, $channel->conductors);
                $input = $isActive
                    ? new ScopeInput($pads[count($pads) - 1], Pads::BODY, self::ACTIVE_VOLTS_PER_DIVISION, true)
                    : new ScopeInput($pads[0], $pads[1], self::VOLTS_PER_DIVISION, true);

                return [
                    new StandardTest(
                        'scope-turning', [...$test->before, ...($isActive ? [new TurnKey(Ignition::On)] : [])],
                        new Capture([$input], self::SECONDS_PER_DIVISION, 0, 0.0, true), ['a.trace'],
                    ),
                    ...($isActive ? [] : [new StandardTest('hertz-turning', $test->before, new Measure(MeterFunction::Hertz, $pads[0], $pads[1]), ['reading'])]),
                ];
            }
        }

        return [];
    }

    /** @return list<StandardTest> a generator in place of the sensor */
    private function injected(Vehicle $vehicle, Channel $channel): array
    {
        if ($vehicle->module->lampCodes !== null) {
            return [];
        }
        $shape = match ($channel->sensor->technology()) {
            'passive' => [InjectedShape::Sine, self::SINE_VOLTS],
            'current', 'pulse-width' => [InjectedShape::Current, self::SQUARE_AMPERES],
            default => null,
        };

        return $shape === null ? [] : [new StandardTest(
            'injection', [new Unplug($channel->plugs()[0]->plugId), new Inject($channel->id, $shape[0], self::HERTZ, $shape[1]), new TurnKey(Ignition::On)],
            new LiveSpeeds(0.0), ["$channel->id.speed"],
        )];
    }

    /** @return list<StandardTest> drives that bring on what one drive in town does not */
    private function drives(Vehicle $vehicle): array
    {
        if ($vehicle->module->lampCodes !== null) {
            return [];
        }
        $running = new TurnKey(Ignition::Running);
        $driven = static fn (Route $route): StandardTest => new StandardTest("codes-after-$route->value", [$running, new ClearCodes, new RoadTest($route)], new ReadCodes, [], false);

        return [
            new StandardTest('codes', [new TurnKey(Ignition::On)], new ReadCodes, [], false),
            $driven(Route::Usual),
            ...array_map($driven, self::DRIVES),
        ];
    }
}
