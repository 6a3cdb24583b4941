<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\Observation;
use Lernfall\Bay\Contract\ObservedNumber;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Rooms;
use Lernfall\Chance\Draw;
use Lernfall\Vehicle\Pads;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Whatever an apprentice thinks of trying, in whatever order, gets an answer: drawn actions on drawn faults. */
final class AnythingTest extends TestCase
{
    private const JOBS = 60;

    private const STEPS = 35;

    private const LOOKS = ['ring', 'gap', 'tip', 'cable', 'sensor-plug', 'module-plug', 'tyre'];

    private const PROVOCATIONS = ['steering-left', 'steering-right', 'wiggle-cable', 'wiggle-sensor-plug', 'wiggle-loom', 'wiggle-module-plug', 'heat', 'wet', 'vibration', 'bumps', 'nothing'];

    public function test_every_action_in_every_order_is_answered(): void
    {
        $answered = 0;
        for ($number = 1; $number <= self::JOBS; $number++) {
            $draw = new Draw("anything $number");
            $vehicle = Workbench::vehicle(['harl-13', 'lendo-15', 'brack-22'][$number % 3]);
            $faults = Workbench::catalogue()->everyFault($vehicle);
            $fault = $faults[(int) floor($draw->uniform('fault') * count($faults))];
            $played = Played::on(Workbench::case([[$fault->kind->id, $fault->channel, $fault->conductor, $fault->strength, $fault->provokedBy]], $vehicle), "car $number");
            for ($step = 1; $step <= self::STEPS; $step++) {
                $action = $this->drawn($vehicle, static fn (string $what): float => $draw->uniform("$what $step"));
                try {
                    $shown = $played->do($action)->shown();
                } catch (UnfitAction) {
                    continue; // for example both leads on one pad: said, and nothing done
                }
                $answered++;
                $done = $played->job->steps[count($played->job->steps) - 1]->action;
                self::assertContains($shown->kind, [Observation::REFUSED, ...Rooms::procedures()->procedure($done)->observations()], $done->name());
                foreach ($shown->values as $name => $value) {
                    self::assertTrue(! $value instanceof ObservedNumber || is_finite($value->si), "{$fault->key()}: $name of ".json_encode($action));
                }
            }
            // and the car with this fault that could be there goes the same way
            $hypothetical = $played->withHypothesis($fault)->car;
            self::assertEquals($played->job->car->state->places->openPlugs, $hypothetical->state->places->openPlugs);
        }
        self::assertGreaterThan(self::JOBS * self::STEPS * 0.9, $answered);
    }

    /**
     * @param  callable(string): float  $draw
     * @return array<string, mixed>
     */
    private function drawn(Vehicle $vehicle, callable $draw): array
    {
        $one = static fn (string $what, array $of): mixed => $of[(int) floor($draw($what) * count($of))];
        $channel = $one('channel', $vehicle->channelIds());
        $pad = static fn (string $which): string => $one($which, Pads::of($vehicle))->id;
        $input = ['first' => $pad('first'), 'second' => $pad('second'), 'voltsPerDivision' => 0.5, 'coupling' => $one('coupling', ['dc', 'ac'])];

        return match ((int) floor($draw('kind') * 22.0)) {
            0 => ['do' => 'ignition', 'to' => $one('key', ['off', 'on', 'running'])],
            1, 2 => ['do' => 'unplug', 'plug' => $one('plug', $vehicle->plugIds())],
            3, 4 => ['do' => 'join', 'plug' => $one('plug', $vehicle->plugIds())],
            5 => ['do' => 'secure', 'step' => $one('secure', ['chock', 'raise', 'stand', 'stand', 'lower', 'unchock'])],
            6 => ['do' => 'turn-wheel', 'channel' => $channel, 'turnsPerSecond' => $one('turns', [-1.0, 0.0, 0.5, 3.0])],
            7 => ['do' => 'look', 'channel' => $channel, 'at' => $one('look', self::LOOKS)],
            8 => ['do' => 'capture', 'inputs' => [$input], 'secondsPerDivision' => $one('time', [1e-5, 0.001, 0.05, 1.0]), 'trigger' => ['input' => 0, 'volts' => 0.1, 'edge' => 'rising']],
            9 => ['do' => 'inject', 'channel' => $channel, 'shape' => $one('shape', ['sine', 'current', 'voltage']), 'hertz' => $one('hertz', [0.0, 20.0, 900.0]), 'amplitude' => 0.02, 'at' => $one('at', ['pair', 'first', 'second'])],
            10 => ['do' => 'feed-sensor', 'channel' => $channel, 'volts' => $one('volts', [0.0, 5.0, 12.0]), 'milliamperes' => $one('limit', [5.0, 20.0, 400.0]), 'reversed' => $draw('reversed') < 0.3],
            11 => ['do' => 'connect-leads', 'leads' => $draw('none') < 0.3 ? [] : [['first' => $pad('lead a'), 'second' => $pad('lead b')], ['first' => $pad('lead c'), 'second' => $pad('lead d')]]],
            12 => ['do' => 'fit-breakout', 'fitted' => $draw('fitted') < 0.6],
            13 => ['do' => 'provoke', 'how' => $one('how', self::PROVOCATIONS), 'channel' => $channel],
            14 => $one('whole', [['do' => 'read-codes'], ['do' => 'clear-codes'], ['do' => 'look-at-lamps'], ['do' => 'prove-meter'], ['do' => 'road-test']]),
            15 => ['do' => 'live-speeds', 'kilometresPerHour' => $one('speed', [0.0, 0.0, 40.0])],
            16 => ['do' => 'rock-wheel', 'channel' => $channel],
            17 => $draw('swap') < 0.3 ? ['do' => 'swap-sensors', 'channel' => $channel] : ['do' => 'gauge-gap', 'channel' => $channel],
            18 => ['do' => 'repair', 'kind' => $one('repair', ['tape-loom', 'clean-plug', 'set-gap', 'replace-sensor', 'replace-hub', 'repair-loom']), 'channel' => $channel],
            default => ['do' => 'measure', 'function' => $one('function', ['ohms', 'continuity', 'volts-dc', 'volts-ac', 'milliamperes', 'hertz']), 'first' => $pad('first'), 'second' => $pad('second'), 'records' => $draw('records') < 0.2],
        };
    }
}
