<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use App\Models\MarkSheetRecord;
use App\Models\User;
use Illuminate\Contracts\Console\Kernel;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Testing\TestCase;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Lernfall\Revision;

/** A database as revision 7 left it: drafts, published cases, a closed job with its marks, a job half done. It goes on working. */
final class PreviousVersionTest extends TestCase
{
    /** Commands run for real. */
    public $mockConsoleOutput = false;

    private const CLOSED = 1;

    private const OPEN = 3;

    public function createApplication(): Application
    {
        $application = require dirname(__DIR__, 2).'/bootstrap/app.php';
        $application->make(Kernel::class)->bootstrap();

        return $application;
    }

    protected function setUp(): void
    {
        parent::setUp();
        DB::purge();
        DB::unprepared((string) gzdecode((string) file_get_contents(__DIR__.'/Databases/revision-7.sql.gz')));
        Artisan::call('migrate', ['--force' => true]);
    }

    /** What is read otherwise since revision 7 is said, and what it does not is not. */
    public function test_what_would_come_out_otherwise_now_is_flagged(): void
    {
        $result = Artisan::call('attempts:verify');
        $said = Artisan::output();

        self::assertSame(1, $result, $said);
        self::assertMatchesRegularExpression('~^attempt '.self::CLOSED.', 27 steps: steps 23 would show something else~m', $said);
        self::assertMatchesRegularExpression('~^attempt '.self::OPEN.', 19 steps: the same~m', $said);
    }

    public function test_the_closed_job_keeps_the_marks_of_its_revision(): void
    {
        $kept = MarkSheetRecord::query()->where('attempt_id', self::CLOSED)->firstOrFail();
        $report = $this->actingAs($this->user('arlo'))->getJson('/api/attempts/'.self::CLOSED.'/report')->assertOk();

        self::assertSame('7', $kept->core_revision);
        self::assertNotSame(Revision::CURRENT, $kept->core_revision);
        self::assertEqualsWithDelta($kept->sheet['points'], $report->json('marks.points'), 1e-9);
    }

    public function test_the_open_job_goes_on_and_is_closed(): void
    {
        $this->actingAs($this->user('cem'))->getJson('/api/attempts/'.self::OPEN)->assertOk()->assertJsonCount(19, 'steps');
        foreach ([['do' => 'measure', 'function' => 'volts-dc', 'first' => 'battery.positive', 'second' => 'battery.negative'], ['do' => 'conclude']] as $number => $action) {
            $this->postJson('/api/attempts/'.self::OPEN.'/actions', ['key' => (string) Str::uuid(), 'number' => 20 + $number, 'action' => $action])->assertOk();
        }

        $this->getJson('/api/attempts/'.self::OPEN.'/report')->assertOk();
        self::assertSame(Revision::CURRENT, MarkSheetRecord::query()->where('attempt_id', self::OPEN)->firstOrFail()->core_revision);
    }

    public function test_a_published_case_is_started_and_a_draft_is_saved_and_published(): void
    {
        $version = CaseVersion::query()->findOrFail(3);
        $this->actingAs($this->user('dilan'))->postJson("/api/jobs/$version->id/attempt")->assertSuccessful();
        self::assertSame(1, Attempt::query()->where('case_version_id', $version->id)->count());

        $draft = CaseDraft::query()->findOrFail(4);
        $this->actingAs($this->user('kessel'))->putJson("/api/cases/$draft->id", $draft->document)->assertOk();
        $this->postJson("/api/cases/$draft->id/versions")->assertSuccessful();
        $this->getJson("/api/cases/{$version->case_draft_id}/attempts")->assertOk()->assertJsonCount(1);
    }

    /** What was published to a group is an assignment to it under the same number, and a job that was begun its first. */
    public function test_publications_became_assignments_and_nothing_lost_its_hold(): void
    {
        self::assertSame([], DB::select('pragma foreign_key_check'));
        self::assertSame(CaseVersion::query()->count(), Assignment::query()->count());
        foreach (Attempt::query()->with(['assignment.groups', 'apprentice.groups'])->get() as $attempt) {
            self::assertSame($attempt->case_version_id, $attempt->assignment?->case_version_id);
            self::assertSame(1, $attempt->number);
            self::assertTrue($attempt->assignment->groups->contains('id', $attempt->apprentice->groupIds()[0]));
        }
        $this->actingAs($this->user('arlo'))->getJson('/api/jobs')->assertOk()->assertJsonPath('0.id', Attempt::query()->findOrFail(self::CLOSED)->assignment_id)->assertJsonPath('0.state', 'concluded');
        $this->actingAs($this->user('kessel'))->getJson('/api/cases')->assertOk()->assertJsonPath('0.assignments.0.state', 'given');
    }

    private function user(string $signIn): User
    {
        return User::query()->where('sign_in', $signIn)->firstOrFail();
    }
}
