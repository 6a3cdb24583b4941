<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Jobs whose cause lies in no wheel's circuit, worked well. */
final class BrakePartsJobTest extends TestCase
{
    /** @return array<string, array{string, string, list<array<string, mixed>>, string, string, array<string, string>, string}> */
    public static function jobs(): array
    {
        return [
            'lamps on, no code: the level switch' => ['level-switch-open', 'car', [['do' => 'read-switches']], 'level-switch', 'stays-open', ['station' => 'switches', 'defect' => 'level'], 'replace-level-switch'],
            'a code of the pump: its relay' => ['pump-relay-dead', 'car', [['do' => 'fit-trial-part', 'part' => 'pump-relay', 'channel' => 'car', 'fitted' => true], ['do' => 'test-actuator', 'part' => 'pump']], 'pump', 'pump-runs', ['station' => 'hydraulics', 'defect' => 'pump-relay'], 'replace-pump-relay'],
            'the red lamp: too little fluid' => ['fluid-low', 'car', [['do' => 'look', 'channel' => 'car', 'at' => 'fluid']], 'sight', 'fluid-low', ['station' => 'hydraulics', 'defect' => 'fluid-low'], 'fill-fluid'],
            'a lamp that never lights' => ['lamp-dead', 'car', [['do' => 'look-at-lamps']], 'bulb.abs', 'dark', ['station' => 'lamps', 'defect' => 'never-lights'], 'mend-lamp'],
        ];
    }

    /**
     * @param  list<array<string, mixed>>  $test
     * @param  array<string, string>  $cause
     */
    #[DataProvider('jobs')]
    public function test_it_earns_every_point(string $kind, string $place, array $test, string $feature, string $word, array $cause, string $repair): void
    {
        $played = Played::on(Workbench::case([[$kind, $place]]))->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'look-at-lamps'], ['do' => 'read-codes']);
        $code = array_key_first(Workbench::codes($played->shown()));
        $played->do(['do' => 'write-code', 'code' => $code ?? 'none', 'status' => $code === null ? '' : (string) $played->shown()->word((string) $code)])
            ->do(...$test)->write(null, word: $word, judgement: $word === 'pump-runs' ? 'in' : 'out', feature: $feature)
            ->do(['do' => 'name-cause', 'channel' => $place, ...$cause, 'supports' => [count($played->job->steps)], 'expects' => 'code-stays-away'])
            ->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'repair', 'kind' => $repair, 'channel' => 'car'], ['do' => 'ignition', 'to' => 'running'])
            ->do(['do' => 'clear-codes'], ['do' => 'road-test'], ['do' => 'read-codes'], ['do' => 'conclude']);
        $lost = array_filter($played->marks()->marks, static fn ($mark): bool => $mark->points < $mark->outOf);

        self::assertSame([], array_map(static fn ($mark): string => $mark->verdict->reason, $lost));
    }
}
