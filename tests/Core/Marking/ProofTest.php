<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Marking\Recurrence;
use Lernfall\Vehicle\Provocation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Shorthand;
use Tests\Support\Workbench;

/** The proof after the repair, a step of it left out at a time, the order it needs, and drives on which nothing could have shown. */
final class ProofTest extends TestCase
{
    /** @return array<string, array{list<string>, float, string}> what is done after the repair, points of 15, reason */
    public static function proofs(): array
    {
        return [
            'nothing' => [[], 0.0, 'mark.proof.not-cleared'],
            'cleared' => [['clear-codes'], 0.0, 'mark.proof.not-driven'],
            'cleared and driven' => [['clear-codes', 'road-test'], 7.5, 'mark.proof.not-read-again'],
            'all of it' => [['clear-codes', 'road-test', 'read-codes'], 15.0, 'mark.proof.complete'],
            'driven before it was cleared' => [['road-test', 'clear-codes', 'read-codes'], 0.0, 'mark.proof.not-driven'],
            'read before it was driven' => [['clear-codes', 'read-codes', 'road-test'], 7.5, 'mark.proof.not-read-again'],
            'driven twice' => [['clear-codes', 'road-test', 'road-test', 'read-codes'], 15.0, 'mark.proof.complete'],
        ];
    }

    /** @param  list<string>  $proof */
    #[DataProvider('proofs')]
    public function test_a_proof_is_worth_what_it_could_have_shown(array $proof, float $points, string $reason): void
    {
        $mark = $this->repaired('replace-sensor')->do(...array_map(static fn (string $step): array => ['do' => $step], $proof), ...[['do' => 'conclude']])
            ->marks()->mark('proof');

        self::assertEqualsWithDelta($points, $mark->points ?? -1.0, 1e-9);
        self::assertSame($reason, $mark?->verdict->reason);
    }

    public function test_a_code_that_came_back_and_was_ignored_proves_nothing(): void
    {
        $mark = $this->repaired('repair-loom')->do(['do' => 'clear-codes'], ['do' => 'road-test'], ['do' => 'read-codes'], ['do' => 'conclude'])->marks()->mark('proof');

        self::assertSame(0.0, $mark?->points);
        self::assertSame('mark.proof.ignored', $mark->verdict->reason);
    }

    public function test_a_drive_on_which_it_could_not_have_come_back_proves_nothing(): void
    {
        $case = Workbench::case([['loom-open', 'FR', '1', 0.0, Provocation::SteeringLeft]]);
        $proven = static fn (string $route): ?string => Played::on($case)->secured()->do(
            ['do' => 'repair', 'kind' => 'repair-loom', 'channel' => 'FR'],
            ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running'],
            ['do' => 'clear-codes'], ['do' => 'road-test', 'route' => $route], ['do' => 'read-codes'], ['do' => 'conclude'],
        )->marks()->mark('proof')?->verdict->reason;

        self::assertSame(['mark.proof.driven-otherwise', 'mark.proof.complete', 'mark.proof.complete'], array_map($proven, ['straight', 'left-bends', 'usual']));
    }

    /** The module never noticed it; that a plug was open while it watched is another thing, and was cleared before the drive. */
    public function test_of_a_fault_that_no_drive_shows_a_usual_drive_is_proof(): void
    {
        $played = Shorthand::play(Played::on(Workbench::case([['loom-wires-together', 'FR', '', 7300.0]])), ['key on', 'codes', 'write codes', 'open FR.sensor-plug', 'key off', 'join FR.sensor-plug', 'fix repair-loom FR', 'prove']);

        self::assertSame('mark.proof.complete', $played->marks()->mark('proof')?->verdict->reason);
    }

    public function test_without_a_repair_there_is_nothing_to_prove(): void
    {
        $mark = Played::on(Workbench::case())->do(['do' => 'conclude'])->marks()->mark('proof');

        self::assertSame('mark.proof.no-repair', $mark?->verdict->reason);
        self::assertNotSame('', $mark->verdict->remedy, 'what would have earned the rest is said');
    }

    /** A stop on closed ground is proof of what it would have shown: a hard one of a wheel that is not let go, a gentle one of control where none should be. */
    public function test_a_stop_proves_what_it_would_have_shown(): void
    {
        $hard = ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 40, 'hard' => true];
        $gentle = ['kilometresPerHour' => 20, 'hard' => false] + $hard;
        $by = static fn (string $kind, ?float $strength, array $stop): ?int => (new Recurrence(Workbench::simulator()))->step(
            Played::on(Workbench::case([[$kind, 'FL', '', $strength]]))->do(['do' => 'ignition', 'to' => 'running'], $stop)->job, 1,
        );

        self::assertSame(2, $by('outlet-stuck-shut', null, $hard));
        self::assertNull($by('outlet-stuck-shut', null, $gentle));
        self::assertSame(2, $by('ring-dirty', 0.85, $gentle));
        self::assertNull($by('ring-dirty', 0.85, $hard));
    }

    private function repaired(string $kind): Played
    {
        return Played::on(Workbench::case([['coil-open', 'FR']]))->secured()->do(
            ['do' => 'repair', 'kind' => $kind, 'channel' => 'FR'],
            ['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running'],
        );
    }
}
