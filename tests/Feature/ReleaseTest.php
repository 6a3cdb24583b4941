<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\Publication;
use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Attempts\SensiblePath;
use App\Attempts\Terms;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\Role;
use App\Models\User;
use Illuminate\Testing\TestResponse;

/** What was wrong stays closed until the report opens; then it opens whole. */
final class ReleaseTest extends FeatureTestCase
{
    public function test_until_the_instructor_opens_it_a_closed_job_was_received_and_no_more(): void
    {
        $attempt = $this->closed($this->given(Release::of(ReleaseKind::ByInstructor)));
        app(SensiblePath::class)->workOut($attempt->version);
        $this->report($attempt)->assertJsonPath('cause', [])->assertJsonPath('steps', [])->assertJsonPath('marks', null)->assertJsonPath('marking', null)
            ->assertJsonPath('decided', null)->assertJsonPath('sensible', null)->assertJsonPath('release', ['kind' => 'instructor', 'at' => null, 'isOpen' => false])
            ->assertJsonPath('concludedAt', $attempt->concluded_at?->toIso8601String());
        $this->report($attempt, $this->instructor)->assertJsonPath('marks.outOf', 100)->assertJsonPath('cause.0.station', 'sensor')->assertJsonPath('sensible.remedy', 'replace-sensor@FR');

        $case = $attempt->version->case_draft_id;
        $this->actingAs($this->instructor)->getJson("/api/cases/$case/attempts")->assertJsonPath('0.release.isOpen', false)->assertJsonPath('0.secondTry', false);
        $this->postJson("/api/assignments/$attempt->assignment_id/release")->assertOk();
        $this->report($attempt)->assertJsonPath('marks.outOf', 100)->assertJsonPath('cause.0.station', 'sensor')->assertJsonPath('release.isOpen', true);
    }

    /** Whatever the fault, the same bytes. */
    public function test_what_was_received_tells_nothing_of_the_fault(): void
    {
        $answers = [];
        foreach ([['kind' => 'coil-open', 'channel' => 'FR'], ['kind' => 'loom-open', 'channel' => 'RL', 'conductor' => '1']] as $fault) {
            $attempt = $this->closed($this->given(Release::of(ReleaseKind::ByInstructor), ['faults' => [$fault]]));
            $answers[] = preg_replace('~"(startedAt|concludedAt)":"[^"]+"~', '', (string) $this->report($attempt)->getContent());
        }
        self::assertSame($answers[0], $answers[1]);
    }

    public function test_a_date_opens_it(): void
    {
        $attempt = $this->closed($this->given(Release::of(ReleaseKind::AtDate, now()->addDay())));
        $this->report($attempt)->assertJsonPath('release.isOpen', false);
        $this->travel(25)->hours();
        $this->report($attempt)->assertJsonPath('release.isOpen', true)->assertJsonPath('cause.0.station', 'sensor');
    }

    public function test_the_last_of_the_group_opens_it_or_the_date(): void
    {
        $classmate = $this->person($this->group(), 'classmate', Role::Apprentice);
        $assignment = $this->given(Release::of(ReleaseKind::WhenAllAreDone, now()->addWeek()));
        $attempt = $this->closed($assignment);
        $this->report($attempt)->assertJsonPath('release.isOpen', false);
        $this->closed($assignment, $classmate);
        $this->travel(1)->seconds();
        $this->report($attempt)->assertJsonPath('release.isOpen', true);

        $other = $this->closed($this->given(Release::of(ReleaseKind::WhenAllAreDone, now()->addWeek())));
        $this->report($other)->assertJsonPath('release.isOpen', false);
        $this->travel(8)->days();
        $this->report($other)->assertJsonPath('release.isOpen', true);
    }

    public function test_what_was_published_before_there_was_a_choice_stays_open(): void
    {
        $assignment = $this->published();
        Assignment::query()->whereKey($assignment->id)->update(['release' => null]);

        $this->report($this->closed($assignment->refresh()))->assertJsonPath('release', ['kind' => 'at-once', 'at' => null, 'isOpen' => true])->assertJsonPath('cause.0.station', 'sensor');
    }

    public function test_publishing_takes_the_usual_release_or_a_chosen_one_and_explains_a_wrong_one(): void
    {
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document()]);
        $practice = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => [...$this->document(), 'practice' => true]]);
        $publish = fn (CaseDraft $case, array $body = []) => $this->actingAs($this->instructor)->postJson("/api/cases/$case->id/versions", $body);
        $kind = static fn (CaseDraft $case): string => $case->assignments()->firstOrFail()->release()->kind->value;

        $publish($draft)->assertCreated();
        self::assertSame('instructor', $kind($draft));
        $publish($practice)->assertCreated();
        self::assertSame('at-once', $kind($practice));
        $publish($draft, ['release' => ['kind' => 'date', 'at' => now()->addHour()->toIso8601String()]])->assertCreated();
        self::assertSame('date', $kind($draft));
        $publish($draft, ['release' => ['kind' => 'date', 'at' => now()->subHour()->toIso8601String()]])->assertJsonValidationErrors(['release.at' => 'Choose a day and time to come.']);
        foreach ([1e14, '100000000000000', 'tomorrow', [1], '2099-99-99T08:00:00Z'] as $none) {
            $publish($draft, ['release' => ['kind' => 'date', 'at' => $none]])->assertJsonValidationErrors(['release.at' => 'Choose a day and time to come.']);
        }
        $publish($draft, ['release' => ['kind' => 'date']])->assertJsonValidationErrors('release.at');
        $publish($draft, ['release' => ['kind' => 'never']])->assertJsonValidationErrors(['release.kind' => 'Choose when the reports open.']);
        $publish($draft, ['release' => 'at-once'])->assertJsonValidationErrors('release');
    }

    /** Working the next publication is a second try only for somebody to whom the cause was open when he began. */
    public function test_a_second_try_is_told_where_the_cause_was_open_before(): void
    {
        $first = $this->given(Release::of(ReleaseKind::ByInstructor));
        $this->closed($first);
        $before = $this->closed($first);
        $this->travel(1)->minutes();
        $this->actingAs($this->instructor)->postJson("/api/assignments/$first->id/release")->assertOk()->assertJsonPath('assignments.0.release.isOpen', true);
        $this->travel(1)->minutes();
        $after = $this->closed($first);

        $rows = array_column((array) $this->actingAs($this->instructor)->getJson("/api/cases/{$first->version->case_draft_id}/attempts")->assertOk()->json(), 'secondTry', 'id');
        self::assertFalse($rows[$before->id]);
        self::assertTrue($rows[$after->id]);
    }

    /** @param  array<string, mixed>  $more */
    private function given(Release $release, array $more = []): Assignment
    {
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => [...$this->document(), ...$more]]);

        return $this->app->make(Publication::class)->of($draft, [$this->group()->id], new Terms($release, null));
    }

    private function closed(Assignment $assignment, ?User $apprentice = null): Attempt
    {
        $attempt = Attempt::query()->create(['case_version_id' => $assignment->case_version_id, 'assignment_id' => $assignment->id, 'number' => $assignment->attempts()->max('number') + 1, 'apprentice_id' => ($apprentice ?? $this->apprentice)->id, 'seed' => 'fixed', 'started_at' => now()]);
        $this->actingAs($apprentice ?? $this->apprentice)->postJson("/api/attempts/$attempt->id/actions", ['key' => sprintf('00000000-0000-4000-8000-%012d', $attempt->id), 'number' => 1, 'action' => ['do' => 'conclude']])->assertOk();

        return $attempt->refresh();
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function report(Attempt $attempt, ?User $reader = null): TestResponse
    {
        return $this->actingAs($reader ?? $attempt->apprentice)->getJson("/api/attempts/$attempt->id/report")->assertOk();
    }
}
