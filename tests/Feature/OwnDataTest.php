<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Retention;
use App\Attempts\Publication;
use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Attempts\Terms;
use App\Jobs\MarkAttempt;
use App\Jobs\PrepareVariants;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;

/** What is kept of somebody: they get it as a file, nothing is left where they are deleted, and practice is forgotten after a year. */
final class OwnDataTest extends FeatureTestCase
{
    public function test_numbers_and_letters_are_as_one_wants_them(): void
    {
        $set = fn (array $given) => $this->actingAs($this->apprentice)->putJson('/api/account/settings', $given);
        $set(['decimalSign' => ',', 'largerType' => true, 'theme' => 'dark'])->assertOk();
        $this->getJson('/api/session')->assertJsonPath('user.decimalSign', ',')->assertJsonPath('user.largerType', true)->assertJsonPath('user.theme', 'dark');
        $set(['decimalSign' => '.', 'largerType' => true])->assertOk()->assertJsonPath('theme', 'dark');
        $set(['decimalSign' => ';', 'largerType' => 'large', 'theme' => 'blue'])->assertJsonValidationErrors(['decimalSign', 'largerType', 'theme']);
    }

    public function test_ones_data_hold_every_step_and_no_mark_that_is_not_open(): void
    {
        Bus::fake([PrepareVariants::class, MarkAttempt::class]);
        $open = $this->attempt($this->published(more: ['practice' => true]));
        $this->act($open, ['do' => 'look-at-lamps'])->assertOk();
        $closed = $this->closed(new Terms(Release::of(ReleaseKind::ByInstructor)));
        $answer = $this->actingAs($this->apprentice)->get('/api/account/data')->assertOk()->assertHeader('Content-Disposition', 'attachment; filename="lernfall.json"')
            ->assertJsonPath('person.signIn', 'learner')->assertJsonPath('groups.0.name', 'A class')
            ->assertJsonPath('jobs.0.steps.0.action.do', 'look-at-lamps')
            ->assertJsonPath('jobs.1.reportIsOpen', false)->assertJsonPath('jobs.1.steps', [])->assertJsonPath('jobs.1.points', null);
        foreach (['coil', 'fixed', $closed->version->sha256, 'secret'] as $secret) {
            self::assertStringNotContainsString($secret, (string) $answer->getContent());
        }
    }

    public function test_of_a_deleted_apprentice_nothing_is_left(): void
    {
        $attempt = $this->closed(null);
        $this->actingAs($this->apprentice)->postJson("/api/attempts/$attempt->id/objection", ['text' => 'The meter was proven in step 2.'])->assertCreated();
        $this->actingAs($this->instructor)->postJson("/api/assignments/$attempt->assignment_id/remarks", ['text' => 'Well done.', 'attempt' => $attempt->id])->assertNoContent();
        $office = $this->person($this->group(), 'office', Role::Administrator);
        $this->actingAs($office)->deleteJson("/api/people/{$this->apprentice->id}")->assertNoContent();

        self::assertFalse(User::query()->whereKey($this->apprentice->id)->exists());
        foreach (Schema::getTables() as ['name' => $table]) {
            $rows = (string) json_encode(DB::table($table)->get());
            self::assertStringNotContainsStringIgnoringCase('learner', $rows, $table);
            foreach (['attempt_id' => $attempt->id, 'user_id' => $this->apprentice->id, 'apprentice_id' => $this->apprentice->id] as $column => $id) {
                self::assertFalse(Schema::hasColumn($table, $column) && DB::table($table)->where($column, $id)->exists(), "$table.$column");
            }
        }
    }

    public function test_of_a_deleted_instructor_the_cases_stay_without_the_name(): void
    {
        $attempt = $this->attempt();
        $office = $this->person($this->group(), 'office', Role::Administrator);
        $this->actingAs($office)->deleteJson("/api/people/$office->id")->assertForbidden();
        $this->deleteJson("/api/people/{$this->instructor->id}")->assertNoContent();
        self::assertSame('(deleted)', $attempt->version->draft->instructor->name);
        self::assertSame([], $this->instructor->refresh()->groupIds());
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
        $this->app['auth']->forgetGuards();
        $this->postJson('/api/session', ['name' => 'teacher', 'password' => 'secret words'])->assertStatus(422);
    }

    public function test_practice_is_forgotten_after_a_year_and_marks_when_the_school_says(): void
    {
        Bus::fake([PrepareVariants::class, MarkAttempt::class]);
        $practice = $this->attempt($this->published(more: ['practice' => true]));
        $this->act($practice, ['do' => 'look-at-lamps'])->assertOk();
        $this->closed(null);
        self::assertSame(0, $this->app->make(Retention::class)->forget());
        $this->travel(366)->days();
        self::assertSame(1, $this->app->make(Retention::class)->forget());
        self::assertFalse(Attempt::query()->whereKey($practice->id)->exists());
        self::assertSame(0, DB::table('attempt_actions')->where('attempt_id', $practice->id)->count());
        config(['lernfall.kept_days.marked' => 300]);
        self::assertSame(1, $this->app->make(Retention::class)->forget());
    }

    private function closed(?Terms $terms): Attempt
    {
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document()]);
        $attempt = $this->attempt($this->app->make(Publication::class)->of($draft, [$this->group()->id], $terms));
        $this->act($attempt, ['do' => 'conclude'])->assertOk();

        return $attempt->refresh();
    }
}
