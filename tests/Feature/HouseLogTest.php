<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Group;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\DB;

/** What happens in the house is noted, and read by those who answer for it. */
final class HouseLogTest extends FeatureTestCase
{
    private User $administrator;

    protected function setUp(): void
    {
        parent::setUp();
        $this->administrator = $this->person($this->group(), 'office', Role::Administrator);
    }

    public function test_the_instructor_reads_what_concerns_the_class_and_the_administrator_everything_with_addresses(): void
    {
        foreach (range(1, 5) as $time) {
            $this->tries('learner', 'guess');
        }
        $this->tries('ghost', 'guess');
        $this->tries('teacher', 'secret words');
        $assignment = $this->published();
        $case = $assignment->version->case_draft_id;
        $this->actingAs($this->instructor)->postJson("/api/cases/$case/versions", ['tries' => 2])->assertCreated();
        $this->actingAs($this->instructor)->postJson("/api/assignments/$assignment->id/release")->assertOk();
        $this->actingAs($this->apprentice)->getJson("/api/cases/$case")->assertForbidden();
        $this->actingAs($this->apprentice)->getJson("/api/cases/$case")->assertForbidden();

        $class = [['refused', 'Learner', "GET api/cases/$case", null], ['reports-opened', 'Teacher', $this->document()['name'].', 1', null], ['published', 'Teacher', $this->document()['name'].', 1', null], ['sign-in-slowed', 'Learner', '2 s', null]];
        self::assertSame($class, $this->readBy($this->instructor));
        $all = $this->readBy($this->administrator);
        self::assertCount(4 + 7, $all);
        self::assertContains(['sign-in-failed', 'ghost', '', '10.1.2.3'], $all);
        self::assertContains(['signed-in', 'Teacher', '', '10.1.2.3'], $all);
        $this->actingAs($this->apprentice)->getJson('/api/log')->assertForbidden();
    }

    public function test_another_class_reads_nothing_of_it(): void
    {
        $assignment = $this->published();
        $case = $assignment->version->case_draft_id;
        $this->actingAs($this->instructor)->postJson("/api/cases/$case/versions", ['tries' => 2])->assertCreated();

        self::assertSame([], $this->readBy($this->person(Group::query()->create(['name' => 'Another class']), 'colleague', Role::Instructor)));
    }

    public function test_sign_ins_and_addresses_are_forgotten_after_thirty_days(): void
    {
        $this->tries('learner', 'secret words');
        $assignment = $this->published();
        $case = $assignment->version->case_draft_id;
        $this->actingAs($this->instructor)->postJson("/api/cases/$case/versions", ['tries' => 2])->assertCreated();
        $this->travel(31)->days();
        $this->tries('learner', 'secret words', '10.9.9.9');

        self::assertSame([['signed-in', 'Learner', '', '10.9.9.9'], ['published', 'Teacher', $this->document()['name'].', 1', null]], $this->readBy($this->administrator));
    }

    /** A password that somebody typed where the name belongs is not read by the instructor. */
    public function test_names_that_nobody_has_are_for_the_administrator(): void
    {
        foreach (range(1, 5) as $time) {
            $this->tries('my secret password', 'guess');
        }

        self::assertSame([], $this->readBy($this->instructor));
    }

    public function test_a_log_that_cannot_be_written_hinders_nothing(): void
    {
        $this->withoutExceptionHandling();
        DB::statement('drop table log_entries');

        $this->tries('learner', 'secret words')->assertOk();
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function tries(string $name, string $password, string $from = '10.1.2.3'): \Illuminate\Testing\TestResponse
    {
        $answer = $this->withServerVariables(['REMOTE_ADDR' => $from])->postJson('/api/session', ['name' => $name, 'password' => $password]);
        $this->flushSession();
        $this->app['auth']->forgetGuards();

        return $answer;
    }

    /** @return list<array{string, string, string, ?string}> kind, who, about and address, the newest first */
    private function readBy(User $user): array
    {
        $rows = (array) $this->actingAs($user)->getJson('/api/log')->assertOk()->json();

        return array_values(array_map(static fn (array $row): array => [$row['kind'], $row['who'], $row['about'], $row['address']], $rows));
    }
}
