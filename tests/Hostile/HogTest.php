<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Models\Attempt;
use App\Models\MarkSheetRecord;
use App\Models\Role;
use App\Work\QueueFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Tests\Feature\FeatureTestCase;
use Tests\Support\Sweep;

/** One apprentice asks the same thing over and over and closes; the others' marks do not wait for that. */
final class HogTest extends FeatureTestCase
{
    /** In the usual run, and in a thorough one. */
    private const STEPS = [25, 250];

    /** More than it can take. */
    private const ROUNDS = 600;

    private string $queue;

    protected function setUp(): void
    {
        parent::setUp();
        $this->queue = sys_get_temp_dir().'/queue-'.Str::uuid().'.sqlite';
        (new QueueFile($this->queue))->prepare();
        config(['queue.default' => 'database', 'database.connections.queue.database' => $this->queue, 'lernfall.seconds_at_a_time' => 0.0]);
        DB::purge('queue');
    }

    protected function tearDown(): void
    {
        DB::purge('queue');
        array_map(unlink(...), glob("$this->queue*") ?: []);
        parent::tearDown();
    }

    public function test_a_job_closed_later_is_marked_before_a_long_one_has_been_gone_through(): void
    {
        $long = $this->attempt();
        $this->act($long, ['do' => 'ignition', 'to' => 'on'])->assertOk();
        for ($time = 0; $time < self::STEPS[Sweep::isThorough() ? 1 : 0]; $time++) {
            $this->act($long, ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'FR.module-plug.wheel.1', 'second' => 'FR.module-plug.wheel.2'])->assertOk();
        }
        $this->act($long, ['do' => 'conclude'])->assertOk();
        $this->apprentice = $this->person($this->group(), 'classmate', Role::Apprentice);
        $short = $this->attempt($long->assignment);
        $this->act($short, ['do' => 'conclude'])->assertOk();

        $this->work(fn (): bool => $this->isMarked($short));
        self::assertFalse($this->isMarked($long));
        $this->work(fn (): bool => $this->isMarked($long));
        $this->actingAs($this->instructor)->getJson("/api/attempts/$long->id/report")->assertOk()->assertJsonPath('marking.state', 'marked')->assertJsonPath('marks.outOf', 100);
    }

    /** @param  \Closure(): bool  $isDone */
    private function work(\Closure $isDone): void
    {
        for ($round = 0; $round < self::ROUNDS && ! $isDone(); $round++) {
            $this->artisan('queue:work', ['--once' => true, '--queue' => 'marks,following', '--quiet' => true, '--sleep' => 0]);
        }
        self::assertTrue($isDone());
    }

    private function isMarked(Attempt $attempt): bool
    {
        return MarkSheetRecord::query()->where('attempt_id', $attempt->id)->exists();
    }
}
