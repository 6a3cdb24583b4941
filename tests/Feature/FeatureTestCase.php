<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Memberships;
use App\Attempts\Publication;
use App\Jobs\PrepareDrives;
use App\Jobs\PrepareVariants;
use App\Jobs\WorkOutPath;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Support\Workbench;

/** A small school in an empty database: one instructor and one apprentice in one group. */
abstract class FeatureTestCase extends TestCase
{
    use RefreshDatabase;

    /** Commands run for real. */
    public $mockConsoleOutput = false;

    protected User $instructor;

    protected User $apprentice;

    public function createApplication(): Application
    {
        $application = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $application->make(Kernel::class)->bootstrap();

        return $application;
    }

    protected function setUp(): void
    {
        parent::setUp();
        config(['lernfall.seconds_at_a_time' => 3600.0]); // nothing hangs on how fast this machine is
        config(['lernfall.workers' => sys_get_temp_dir().'/lernfall-workers-'.getmypid()]); // those of a server that runs here are none of ours
        config(['lernfall.kept_steps' => sys_get_temp_dir().'/lernfall-steps-'.Str::uuid()]);
        Bus::fake([PrepareDrives::class, PrepareVariants::class, WorkOutPath::class]); // what takes long is done where it is tested
        $group = Group::query()->create(['name' => 'A class']);
        $this->instructor = $this->person($group, 'teacher', Role::Instructor);
        $this->apprentice = $this->person($group, 'learner', Role::Apprentice);
    }

    protected function tearDown(): void
    {
        (new Filesystem)->deleteDirectory(config()->string('lernfall.kept_steps'));
        parent::tearDown();
    }

    protected function person(Group $group, string $signIn, Role $role): User
    {
        $person = User::query()->create(['sign_in' => $signIn, 'name' => ucfirst($signIn), 'role' => $role, 'password' => 'secret words']);
        (new Memberships)->join($person, $group);

        return $person;
    }

    /** The one of the instructor and the apprentice. */
    protected function group(): Group
    {
        return Group::query()->findOrFail($this->instructor->groupIds()[0]);
    }

    /** @return array<string, mixed> */
    protected function document(): array
    {
        return Workbench::json('examples/coil-open.case.json');
    }

    /**
     * @param  ?array<string, mixed>  $fault
     * @param  array<string, mixed>  $more  entries of the case file
     */
    protected function published(?array $fault = null, ?string $car = null, array $more = []): Assignment
    {
        $document = [...$this->document(), ...($car === null ? [] : ['car' => $car]), ...$more];
        $document['faults'] = [$fault ?? $document['faults'][0]];
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $document]);

        return $this->app->make(Publication::class)->of($draft, [$this->instructor->groupIds()[0]]);
    }

    protected function attempt(?Assignment $assignment = null): Attempt
    {
        $assignment ??= $this->published();

        return Attempt::query()->create([
            'case_version_id' => $assignment->case_version_id, 'assignment_id' => $assignment->id, 'apprentice_id' => $this->apprentice->id, 'seed' => 'fixed', 'started_at' => now(),
        ]);
    }

    /**
     * @param  array<string, mixed>  $action
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    protected function act(Attempt $attempt, array $action, ?int $number = null, ?string $key = null): TestResponse
    {
        return $this->actingAs($this->apprentice)->postJson("/api/attempts/$attempt->id/actions", [
            'key' => $key ?? (string) Str::uuid(), 'number' => $number ?? $attempt->actions()->count() + 1, 'action' => $action,
        ]);
    }
}
