<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Marking\Mistake\Mistake;
use Lernfall\Marking\Mistake\Mistakes;
use Lernfall\Marking\School\Schools;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Every known mistake, provoked. */
final class MistakesTest extends TestCase
{
    private const CODES = [['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes']];

    private const OFF = ['do' => 'ignition', 'to' => 'off'];

    private const FL = ['do' => 'unplug', 'plug' => 'FL.sensor-plug'];

    private const FR = ['do' => 'unplug', 'plug' => 'FR.sensor-plug'];

    private const OHMS = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'];

    /** @return iterable<string, array{string, FaultCase, list<array<string, mixed>>}> */
    public static function mistakes(): iterable
    {
        $lendo = static fn (array $faults): FaultCase => Workbench::case($faults, Workbench::vehicle('lendo-15'));
        $write = static fn (int $of, array $more): array => $more + ['do' => 'write-reading', 'of' => $of, 'feature' => 'reading', 'value' => null, 'unit' => '', 'word' => '', 'judgement' => 'out', 'comparedWith' => ''];
        $repair = static fn (string $kind, string $channel): array => ['do' => 'repair', 'kind' => $kind, 'channel' => $channel];
        $secure = [['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand']];

        yield 'module for an open plug' => ['module-for-open-plug', $lendo([['sensor-dead', 'FL']]), [
            ...self::CODES, self::OFF, self::FL, ['do' => 'ignition', 'to' => 'on'],
            ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FL.sensor-plug.module.1', 'second' => 'FL.sensor-plug.module.2'], $repair('replace-module', 'FL'),
        ]];
        yield 'part on the code' => ['part-on-code', Workbench::case([['loom-open', 'FR', '1']]), [...self::CODES, self::OFF, ...$secure, $repair('replace-sensor', 'FR')]];
        yield 'ohms on a live circuit' => ['ohms-on-live', Workbench::case(), [
            ['do' => 'ignition', 'to' => 'on'], ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'],
            $write(2, ['word' => 'open']),
        ]];
        yield 'direct volts of a passive sensor' => ['dc-for-passive', Workbench::case(), [
            ...$secure, self::FR, ['do' => 'turn-wheel', 'channel' => 'FR', 'turnsPerSecond' => 0.5],
            ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'],
        ]];
        yield 'a unit misread' => ['unit-misread', Workbench::case([['loom-open', 'FR', '1']]), [self::FR, self::OHMS, $write(2, ['value' => 1.33, 'unit' => 'Ω'])]];
        yield 'a value nobody saw' => ['differs-from-display', Workbench::case([['loom-open', 'FR', '1']]), [self::FR, self::OHMS, $write(2, ['value' => 9999.0, 'unit' => 'kΩ'])]];
        yield 'one of two corners' => ['one-of-two-corners', Workbench::case([['coil-open', 'FR'], ['coil-open', 'RL']]), [...self::CODES, self::OFF, self::FR, self::OHMS, ['do' => 'conclude']]];
        yield 'the wrong corner' => ['wrong-corner', Workbench::case(), [...self::CODES, self::OFF, ...$secure, $repair('replace-sensor', 'FL')]];
        yield 'cleared unwritten' => ['cleared-unwritten', Workbench::case(), [...self::CODES, ['do' => 'clear-codes']]];
        $stop = static fn (int $from, bool $isHard): array => ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => $from, 'hard' => $isHard];
        $running = ['do' => 'ignition', 'to' => 'running'];
        yield 'a hard stop without the pedal tried' => ['hard-stop-untried', Workbench::case(), [$running, $stop(5, false), $stop(40, true)]];
        yield 'a hard stop before one from a walking pace' => ['hard-stop-untried', Workbench::case(), [$running, ['do' => 'try-pedal'], $stop(20, false), $stop(40, true)]];
        yield 'stamped on the brake in a free drive' => ['hard-stop-untried', Workbench::case(), [$running, ['do' => 'try-pedal'], [
            'do' => 'drive-freely', 'footing' => 'dry', 'parts' => [['foot' => 'throttle', 'steering' => 'straight', 'seconds' => 2], ['foot' => 'brake-hard', 'steering' => 'straight', 'seconds' => 2]],
        ]]];
        yield 'left open' => ['left-open', Workbench::case(), [self::FR, ['do' => 'conclude']]];
        yield 'polarity reversed' => ['polarity-reversed', $lendo([['loom-open', 'FL', '2']]), [self::FL, ['do' => 'feed-sensor', 'channel' => 'FL', 'volts' => 12, 'milliamperes' => 100, 'reversed' => true]]];
        yield 'two at once' => ['two-at-once', Workbench::case(), [...$secure, $repair('clean-plug', 'FR'), $repair('replace-sensor', 'FR')]];
        yield 'a sound car repaired' => ['normal-repaired', Workbench::case([['old-code', 'FR']]), [...self::CODES, self::OFF, ...$secure, $repair('replace-sensor', 'FR')]];
    }

    /** @param  list<array<string, mixed>>  $actions */
    #[DataProvider('mistakes')]
    public function test_it_is_recognised_at_its_step(string $id, FaultCase $case, array $actions): void
    {
        $made = Played::on($case)->do(...$actions)->marks(Workbench::policy())->mistakes;

        self::assertArrayHasKey($id, $made);
        self::assertSame($id === 'ohms-on-live' ? 2 : count($actions), $made[$id]);
    }

    public function test_every_mistake_is_provoked_above(): void
    {
        self::assertEqualsCanonicalizing(array_map(static fn (Mistake $one): string => $one->id(), Mistakes::all(new Schools)), array_unique(array_column(iterator_to_array(self::mistakes()), 0)));
    }

    public function test_a_brake_is_tried_before_somebody_stamps_on_it_and_again_after_a_repair(): void
    {
        $stop = static fn (int $from, bool $isHard): array => ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => $from, 'hard' => $isHard];
        $running = ['do' => 'ignition', 'to' => 'running'];
        $job = Played::on(Workbench::case([['disc-uneven', 'FL']]))->do($running, ['do' => 'try-pedal'], $stop(5, false), $stop(40, true));
        self::assertArrayNotHasKey('hard-stop-untried', $job->marks(Workbench::policy())->mistakes);

        $repaired = $job->do(
            ['do' => 'ignition', 'to' => 'off'], ['do' => 'secure', 'step' => 'chock'], ['do' => 'secure', 'step' => 'raise'], ['do' => 'secure', 'step' => 'stand'], ['do' => 'repair', 'kind' => 'replace-disc', 'channel' => 'FL'],
            ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], $running, ['do' => 'try-pedal'], $stop(40, true),
        );
        self::assertSame(14, $repaired->marks(Workbench::policy())->mistakes['hard-stop-untried'] ?? null);
    }

    public function test_sound_work_makes_none(): void
    {
        $played = Played::on(Workbench::case([['loom-open', 'FR', '1']]))->do(...Workbench::json('examples/loom-open.script.json')['actions']);

        self::assertSame([], $played->marks(Workbench::policy())->mistakes);
    }
}
