<?php

declare(strict_types=1);

namespace Tests\Core\Bay\Time;

use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\Hands\Provoke;
use Lernfall\Bay\Job\Job;
use Lernfall\Bay\Key\TurnKey;
use Lernfall\Bay\Lamps\LookAtLamps;
use Lernfall\Bay\Scan\ReadCodes;
use Lernfall\Format\ActionReader;
use Lernfall\Format\VehicleReader;
use Lernfall\Module\Failure;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** A short or an open that appears while the key is on: what the module does, when its code sets, what supply and lamp do. */
final class SupervisionTest extends TestCase
{
    /**
     * By car and corners with the same kind of input, wire by wire: an open wire, one on the body (0.5 Ω), one on the battery (0.8 Ω). Worked out by hand:
     *
     * A balanced passive pair has a bias of its own on either wire, so everything shows. Single-ended, the second wire lies
     * on ground already: on the body it changes nothing, and lifted by the battery it looks as if the coil were gone. How
     * far it is lifted depends on the wire left to the module: 24.6 V over 0.85 Ω and 1.8 m of 1 mm² with its pins, 0.04 Ω,
     * is 1.0 V in front, which makes 1.95 V at the first pin, the limit; 1.1 m at the rear lift it by 0.7 V, and 1.7 V pass.
     * Current sensed in the return: the feed on the battery is where it would be anyhow; the return on the body takes the
     * current past the shunt, which looks open. Sensed in the feed: a battery beside the switch takes the current over, and
     * the other wire lies on ground in the module. Three wires: supply and ground carry the sensor's current, and a supply
     * from elsewhere takes it over; what is wrong with the signal wire only a turning wheel tells.
     */
    private const FOUND = [
        'harl-13 FL FR RL RR' => [['open', 'ground', 'supply'], ['open', 'ground', 'supply']],
        'mirl-10 FL FR RL RR' => [['open', 'ground', 'supply'], ['open', 'ground', 'supply']],
        'ostrel-t2 FL FR' => [['open', 'ground', 'supply'], ['open', '', 'open']],
        'ostrel-t2 RL RR' => [['open', 'ground', 'supply'], ['open', '', '']],
        'lendo-15 FL FR' => [['open', 'ground', ''], ['open', 'open', 'supply']],
        'lendo-15 RL RR' => [['open', 'ground', 'open'], ['open', '', '']],
        'brack-22 FL FR' => [['open', 'ground', 'open'], ['open', '', ''], ['', '', '']],
        'brack-22 RL RR' => [['open', 'ground', 'open'], ['open', '', ''], ['', '', '']],
    ];

    private const KINDS = [['loom-open', 0.0], ['loom-grounded', 0.5], ['loom-to-supply', 0.8]];

    private const FAILURES = ['open' => Failure::Open, 'ground' => Failure::ShortToGround, 'supply' => Failure::ShortToSupply];

    /** Inputs that hang on one supply lose it together, and the module cannot tell which of them pulls it down. */
    private const SHARING = ['brack-22' => [['FL', 'FR'], ['RL', 'RR']]];

    /** @return array<string, array{string, string, int, string, float, string}> */
    public static function faults(): array
    {
        $faults = [];
        foreach (self::FOUND as $places => $wires) {
            [$car, $corners] = explode(' ', $places, 2);
            foreach (explode(' ', $corners) as $corner) {
                foreach ($wires as $wire => $found) {
                    foreach (self::KINDS as $index => [$kind, $ohms]) {
                        $faults["$car $corner wire ".($wire + 1)." $kind"] = [$car, $corner, $wire, $kind, $ohms, $found[$index]];
                    }
                }
            }
        }

        return Sweep::of($faults, 40);
    }

    #[DataProvider('faults')]
    public function test_it_is_noticed_with_the_key_on_at_the_lock_and_on_the_road(string $car, string $corner, int $wire, string $kind, float $ohms, string $found): void
    {
        $vehicle = Workbench::vehicle($car);
        $conductor = $vehicle->channel($corner)->conductors[$wire]->id;
        foreach (['key' => Provocation::WiggleLoom, 'lock' => Provocation::SteeringLeft, 'road' => Provocation::SteeringLeft] as $when => $provocation) {
            $job = $this->played(Job::ideally(Workbench::case([[$kind, $corner, $conductor, $ohms, $provocation]], $vehicle), 'a'), ...($when === 'road'
                ? [['do' => 'ignition', 'to' => 'running'], ['do' => 'clear-codes'], ['do' => 'road-test', 'route' => 'left-bends']]
                : [['do' => 'ignition', 'to' => 'on'], ['do' => 'clear-codes'], ['do' => 'provoke', 'how' => $provocation->value, 'channel' => $corner]]));
            $memory = $job->car->state->memory;
            $places = $found === 'ground' ? self::sharing($car, $corner) : [$corner];
            foreach ($vehicle->channelIds() as $id) {
                $expected = $found === '' || ! in_array($id, $places, true) ? [] : [self::FAILURES[$found]];
                self::assertSame($expected, array_values(array_filter(Failure::electrical(), static fn (Failure $one): bool => $memory->byte($id, $one)->isFailing())), "$when, $id");
            }
            self::assertSame($found !== '', $memory->asksForLamp(), "$when: the lamp");
            $cut = $found === '' || $found === 'open' && ! $vehicle->module->withholdsSupply ? [] : $places;
            self::assertSame($cut, $job->car->state->key->cut, "$when: what is switched off");
            if ($when === 'road' && $found !== '') {
                $frame = $memory->frame($corner, self::FAILURES[$found]);
                self::assertSame('left', $frame?->steering);
                self::assertEqualsWithDelta(8.5, $frame->metresPerSecond, 1e-9, 'in the bend, at its speed');
            }
            $off = $this->played($job, ['do' => 'provoke', 'how' => 'nothing', 'channel' => $corner], ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'on']);
            self::assertSame([], $off->car->state->key->cut, "$when: fed again at the next key-on");
            self::assertSame([], array_filter(Failure::electrical(), static fn (Failure $one): bool => $off->car->state->memory->byte($corner, $one)->isFailing()), "$when: and found in order");
        }
    }

    /** By hand: a watch of half a second, two seconds into the bend, after pulling away to 8.5 m/s at 1.4 m/s². */
    public function test_the_code_sets_within_the_debounce_of_the_file(): void
    {
        $job = $this->played(Job::ideally(Workbench::case([['loom-chafed', 'FR', '1', 0.5]], Workbench::vehicle('lendo-15')), 'a'),
            ['do' => 'ignition', 'to' => 'running'], ['do' => 'record-drive', 'route' => 'left-bends', 'onCode' => false]);
        $speeds = $job->lastStep()?->observation->series('FR.speed');
        self::assertNotNull($speeds);
        $gone = array_keys(array_filter($speeds->steps, static fn (int $step): bool => $step === 0));
        $bend = 8.5 / 1.4;

        self::assertSame([], array_filter($gone, static fn (int $sample): bool => $sample * $speeds->secondsPerSample > 1.0 && $sample * $speeds->secondsPerSample < $bend + 1.6));
        self::assertSame(range((int) ceil(($bend + 2.5) / 0.1), count($speeds->steps) - 1), array_values(array_filter($gone, static fn (int $sample): bool => $sample * 0.1 >= $bend + 2.5)), 'switched off until the key is turned again');
    }

    public function test_a_plug_opened_with_the_key_on_is_noticed_and_a_module_of_before_waits_for_the_next_key(): void
    {
        foreach (['harl-13' => 'C0035-13', 'lendo-15' => 'C0031-13', 'brack-22' => 'C0035-13'] as $id => $code) {
            $unplugged = [['do' => 'ignition', 'to' => 'on'], ['do' => 'unplug', 'plug' => 'FL.sensor-plug'], ['do' => 'read-codes']];
            $now = $this->played(Job::begin(Workbench::case([['tyre-other-size', 'RR']], Workbench::vehicle($id)), 'a'), ...$unplugged);
            $before = $this->played(Job::begin(Workbench::case([['tyre-other-size', 'RR']], VehicleReader::read(Workbench::older($id))), 'a'), ...$unplugged);

            self::assertSame('present', $now->lastStep()?->observation->word($code), $id);
            self::assertSame('absent', $before->lastStep()?->observation->word($code), $id);
        }
    }

    /** By hand: 0.5 Ω at the middle of the front supply; switched off, its 51 kΩ to ground leave nothing on either of the two. */
    public function test_a_shorted_supply_is_switched_off_for_all_that_share_it(): void
    {
        $volts = static fn (string $at): array => ['do' => 'measure', 'function' => 'volts-dc', 'first' => "$at.sensor-plug.wheel.1", 'second' => 'body'];
        $job = $this->played(Job::ideally(Workbench::case([['loom-grounded', 'FL', '1', 0.5]], Workbench::vehicle('brack-22')), 'a'), ['do' => 'ignition', 'to' => 'on']);
        foreach (['FL' => 0.0, 'FR' => 0.0, 'RL' => 8.05] as $corner => $expected) {
            self::assertEqualsWithDelta($expected, $this->played($job, $volts($corner))->lastStep()?->observation->number('reading')?->si, 0.05, $corner);
        }
        $mended = $this->played($job, ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'module-plug'], ['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'FL'], ['do' => 'join', 'plug' => 'module-plug'], ['do' => 'ignition', 'to' => 'on'], $volts('FR'));
        self::assertEqualsWithDelta(12.4, $mended->lastStep()?->observation->number('reading')?->si, 0.2);
    }

    public function test_a_sound_car_stays_quiet_for_an_hour_with_the_key_on_whatever_hands_do_to_it(): void
    {
        foreach (['harl-13', 'lendo-15', 'brack-22', 'mirl-10', 'ostrel-t2'] as $id) {
            foreach (range(1, 5) as $seed) {
                $bench = Workbench::healthyCar($id, "car $seed");
                $bench->do(new TurnKey(Ignition::On));
                foreach (Provocation::cases() as $how) {
                    $bench->do(new Provoke($how, 'FL'), ...array_fill(0, 5, new LookAtLamps));
                }
                $bench->do(new Provoke(null, 'FL'), new TurnKey(Ignition::Running), ...array_fill(0, 10, new LookAtLamps));

                self::assertTrue($bench->car->state->memory->isEmpty(), $id);
                self::assertSame([], $bench->car->state->key->cut, $id);
            }
        }
        self::assertSame([], Workbench::codes(Workbench::healthyCar('lendo-15')->do(new TurnKey(Ignition::On), ...array_fill(0, 60, new LookAtLamps), ...[new ReadCodes])));
    }

    /** @return list<string> */
    private static function sharing(string $car, string $corner): array
    {
        foreach (self::SHARING[$car] ?? [] as $corners) {
            if (in_array($corner, $corners, true)) {
                return $corners;
            }
        }

        return [$corner];
    }

    /** @param  array<string, mixed>  ...$actions */
    private function played(Job $job, array ...$actions): Job
    {
        foreach ($actions as $action) {
            $job = $job->do(ActionReader::read($action), Workbench::simulator()->ideal());
        }

        return $job;
    }
}
