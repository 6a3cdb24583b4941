<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Console\CheckCase;
use App\Documents\SilentFaults;
use App\Jobs\FindSilentFaults;
use App\Work\QueueNames;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\Queue;
use Lernfall\Fault\Fault;
use LogicException;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** What the chooser of faults says is silent on a car, the check of a case with that fault says as well, and of nothing else. */
final class SilentHereTest extends FeatureTestCase
{
    /** @var array<string, list<array{kind: string, channel: string, conductor: string}>> by car; the same question is answered alike */
    private static array $silent = [];

    /** A check of a case takes seconds: of the kinds, one in so many. */
    private const EVERY = 4;

    private const CARS = ['harl-13', 'lendo-15', 'brack-22', 'mirl-10', 'ostrel-t2'];

    /**
     * One that shows and one that does not; in the long sweep one kind in four as well, on a car and at a place in turn.
     *
     * @return array<string, array{string, string, string, string}> car, kind, channel and wire; in its usual strength
     */
    public static function faults(): array
    {
        $usual = ['a gap' => ['harl-13', 'gap-large', 'FL', ''], 'a tyre' => ['ostrel-t2', 'tyre-other-size', 'FR', '']];
        if (! Sweep::isThorough()) {
            return $usual;
        }
        $faults = $usual;
        foreach (array_keys(Workbench::catalogue()->entries) as $turn => $kind) {
            if ($turn % self::EVERY !== 0) {
                continue;
            }
            $own = self::places($kind);
            [$car, $fault] = $own[$turn % count($own)];
            $faults["$car ".$fault->key()] = [$car, $kind, $fault->channel, $fault->conductor];
        }

        return $faults;
    }

    /** @return non-empty-list<array{string, Fault}> */
    private static function places(string $kind): array
    {
        $places = [];
        foreach (self::CARS as $car) {
            foreach (Workbench::catalogue()->usualFaults(Workbench::vehicle($car)) as $fault) {
                if ($fault->kind->id === $kind) {
                    $places[] = [$car, $fault];
                }
            }
        }

        return $places === [] ? throw new LogicException("no car can have $kind") : $places;
    }

    #[DataProvider('faults')]
    public function test_the_chooser_and_the_check_of_a_case_agree(string $car, string $kind, string $channel, string $conductor): void
    {
        $case = ['format' => 'lernfall-case/1', 'name' => 'One fault', 'jobTitle' => 'A car', 'complaint' => 'A lamp, perhaps.', 'car' => $car, 'faults' => [
            ['kind' => $kind, 'channel' => $channel] + ($conductor === '' ? [] : ['conductor' => $conductor]),
        ]];
        $file = (string) tempnam(sys_get_temp_dir(), 'case');
        file_put_contents($file, json_encode($case, JSON_THROW_ON_ERROR));
        Artisan::call(CheckCase::class, ['case' => $file, '--json' => true]);
        unlink($file);
        $report = json_decode(Artisan::output(), true, 64, JSON_THROW_ON_ERROR);
        self::$silent[$car] ??= $this->actingAs($this->instructor)->getJson("/api/cars/$car/silent-faults")->assertOk()->assertJsonPath('known', true)->json('faults');
        $isSilent = array_filter(self::$silent[$car], static fn (array $one): bool => $one['kind'] === $kind && $one['channel'] === $channel && $one['conductor'] === $conductor) !== [];

        self::assertSame($isSilent ? ["$kind@$channel"] : [], $report['silent']);
        self::assertSame($isSilent, in_array('silent-here', $report['warnings'], true));
    }

    public function test_who_asks_first_does_not_wait_and_the_worker_is_asked_once(): void
    {
        Cache::flush();
        Queue::fake();
        $this->actingAs($this->instructor)->getJson('/api/cars/ostrel-t2/silent-faults')->assertOk()->assertExactJson(['known' => false, 'faults' => []]);
        $this->getJson('/api/cars/ostrel-t2/silent-faults')->assertJsonPath('known', false);
        Queue::assertPushedOn(QueueNames::BESIDE, FindSilentFaults::class);
        Queue::assertCount(1);

        self::assertFalse(app(SilentFaults::class)->findOut('ostrel-t2', 0.0));
        $this->getJson('/api/cars/ostrel-t2/silent-faults')->assertJsonPath('known', false);
        self::assertTrue(app(SilentFaults::class)->findOut('ostrel-t2', INF));
        $this->getJson('/api/cars/ostrel-t2/silent-faults')->assertJsonPath('known', true)->assertJsonFragment(['kind' => 'tyre-other-size', 'channel' => 'FR', 'conductor' => '']);
    }

    public function test_where_it_cannot_be_found_out_the_bench_goes_on_without(): void
    {
        Cache::flush();
        Queue::fake();
        (new FindSilentFaults('ostrel-t2'))->failed();

        $this->actingAs($this->instructor)->getJson('/api/cars/ostrel-t2/silent-faults')->assertExactJson(['known' => true, 'faults' => []]);
        Queue::assertNothingPushed();
        Cache::flush();
    }
}
