<?php

declare(strict_types=1);

namespace Tests\Hostile;

use App\Models\Attempt;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use PDO;
use Tests\Feature\FeatureTestCase;

/** The file of the database is held by somebody else, or cannot be written: that is said, and nothing is lost. */
final class LockedDatabaseTest extends FeatureTestCase
{
    private string $file;

    private Attempt $job;

    /** A file of its own, outside any transaction. */
    public function refreshDatabase(): void
    {
        $this->file = sys_get_temp_dir().'/locked-'.Str::uuid().'.sqlite';
        touch($this->file);
        config(['database.connections.sqlite.database' => $this->file, 'database.connections.sqlite.busy_timeout' => 20]);
        DB::purge('sqlite');
        Artisan::call('migrate', ['--force' => true]);
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->job = $this->attempt();
        $this->act($this->job, ['do' => 'ignition', 'to' => 'on'])->assertOk();
    }

    protected function tearDown(): void
    {
        DB::purge('sqlite');
        array_map(unlink(...), glob("$this->file*") ?: []);
        parent::tearDown();
    }

    public function test_a_database_that_is_held_is_said_and_the_same_action_goes_through_afterwards(): void
    {
        $other = new PDO("sqlite:$this->file");
        $other->exec('begin immediate');
        $key = (string) Str::uuid();
        $this->lookAtLamps($key)->assertStatus(503)->assertHeader('Retry-After', '2')->assertJsonPath('message', 'The server is busy writing. Nothing is lost; the bay tries again by itself.');
        $other->exec('rollback');

        $this->lookAtLamps($key)->assertOk()->assertJsonPath('step.number', 2);
        self::assertSame(2, $this->job->actions()->count());
    }

    public function test_a_database_that_cannot_be_written_is_said_and_can_be_read(): void
    {
        $key = (string) Str::uuid();
        DB::statement('pragma query_only = 1');
        $this->lookAtLamps($key)->assertStatus(507)->assertJsonPath('message', 'The server cannot write to its disk: it is full or read-only. What you did before is kept. Please tell your instructor.');
        $this->getJson("/api/attempts/{$this->job->id}")->assertOk()->assertJsonCount(1, 'steps');

        DB::statement('pragma query_only = 0');
        $this->lookAtLamps($key)->assertOk();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function lookAtLamps(string $key): TestResponse
    {
        return $this->act($this->job, ['do' => 'look-at-lamps'], 2, $key);
    }
}
