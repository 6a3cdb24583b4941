<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\Publication;
use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Attempts\Terms;
use App\Jobs\CloseWhenTimeIsOver;
use App\Jobs\MarkAttempt;
use App\Jobs\PrepareVariants;
use App\Lesson\Pulse;
use App\Lesson\TimeOver;
use App\Models\Absence;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\Concession;
use App\Models\LogEntry;
use App\Models\Outage;
use App\Models\Role;
use Illuminate\Support\Facades\Bus;
use Illuminate\Testing\TestResponse;

/** While a class is at work: time and what is given back of it, pauses, remarks, help, and what an examination keeps closed. */
final class LessonTest extends FeatureTestCase
{
    private const WRITE = ['do' => 'name-cause', 'channel' => 'FR', 'station' => 'sensor', 'defect' => 'open', 'supports' => [], 'expects' => 'code-stays-away'];

    protected function setUp(): void
    {
        parent::setUp();
        Bus::fake([PrepareVariants::class, MarkAttempt::class]); // marks are worked out where they are looked at
        $this->travelTo('2026-03-02 08:00:00');
    }

    public function test_after_the_time_only_the_card_is_written_and_after_the_card_it_is_handed_in(): void
    {
        $attempt = $this->begun(30);
        $this->travelTo('2026-03-02 08:29:59');
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
        $this->news($attempt)->assertJsonPath('endsAt', '2026-03-02T08:30:00+00:00')->assertJsonPath('cardUntil', '2026-03-02T08:33:00+00:00');

        $this->travelTo('2026-03-02 08:30:01');
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertStatus(422)->assertJsonPath('errors.action.0', 'Your time at the car is over. You can still write on the card, name the cause and close the job.');
        $this->act($attempt, self::WRITE)->assertOk();

        $this->travelTo('2026-03-02 08:33:01');
        $this->act($attempt, self::WRITE, 2)->assertStatus(409)->assertJsonPath('attempt.state.concluded', true);
        $this->actingAs($this->instructor)->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts")->assertOk()->assertJsonPath('0.closedBy', 'time')->assertJsonPath('0.concludedAt', '2026-03-02T08:33:00+00:00')->assertJsonPath('0.marking.state', 'waiting');
        $this->news($attempt)->assertJsonPath('concluded', true);
        $this->postJson("/api/jobs/$attempt->assignment_id/attempt")->assertOk()->assertJsonPath('attempt', $attempt->id);
    }

    public function test_who_needs_more_time_has_it_and_nobody_else_is_told(): void
    {
        $attempt = $this->begun(40);
        $this->actingAs($this->instructor)->putJson("/api/people/{$this->apprentice->id}/extra-time", ['percent' => 25])->assertOk()->assertJsonPath('extraTimePercent', 25);
        $this->news($attempt)->assertJsonPath('endsAt', '2026-03-02T08:50:00+00:00');
        self::assertStringNotContainsString('xtraTime', (string) $this->getJson('/api/session')->getContent());
        $this->actingAs($this->instructor)->putJson("/api/people/{$this->apprentice->id}/extra-time", ['percent' => 900])->assertJsonValidationErrors('percent');
    }

    public function test_a_pause_stops_everybody_and_gives_its_minutes_back(): void
    {
        $attempt = $this->begun(30);
        $this->pause($attempt, true);
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertStatus(422)->assertJsonPath('errors.action.0', 'Everybody pauses. Nothing is lost, and your time stands still. Go on when your instructor lets you.');
        $this->travelTo('2026-03-02 09:00:00');
        $this->news($attempt)->assertJsonPath('paused', true)->assertJsonPath('concluded', false)->assertJsonPath('endsAt', '2026-03-02T09:30:00+00:00');
        $this->pause($attempt, false);
        $this->pause($attempt, false);
        $this->news($attempt)->assertJsonPath('paused', false)->assertJsonPath('endsAt', '2026-03-02T09:30:00+00:00');
        self::assertSame([3600], Concession::query()->where('kind', 'pause')->pluck('seconds')->all());
        self::assertSame(['paused', 'went-on'], LogEntry::query()->whereIn('kind', ['paused', 'went-on'])->orderBy('id')->pluck('kind')->map(static fn ($one) => $one->value)->all());
    }

    public function test_what_this_machine_was_away_counts_for_nobody(): void
    {
        $attempt = $this->begun(30);
        $file = sys_get_temp_dir().'/pulse-'.getmypid();
        touch($file, now()->addMinutes(10)->getTimestamp());
        $this->travelTo('2026-03-02 08:30:00');
        (new Pulse($file))->noteOutage();
        (new Pulse($file))->noteOutage(); // the second worker starts as well
        unlink($file);
        self::assertSame(1, Outage::query()->count());
        $this->news($attempt)->assertJsonPath('endsAt', '2026-03-02T08:50:00+00:00');
    }

    public function test_only_what_falls_into_the_time_of_a_job_moves_its_end(): void
    {
        $attempt = $this->begun(30);
        foreach ([['07:00', '07:30'], ['07:50', '08:05'], ['08:34', '08:50'], ['08:37', '08:40']] as [$from, $to]) { // before, across the beginning, in the minutes for the card, and within the one before
            Outage::query()->create(['began_at' => "2026-03-02 $from:00", 'ended_at' => "2026-03-02 $to:00"]);
        }
        $this->news($attempt)->assertJsonPath('endsAt', '2026-03-02T08:51:00+00:00')->assertJsonPath('cardUntil', '2026-03-02T08:54:00+00:00');
    }

    public function test_who_begins_in_a_pause_is_given_back_only_what_they_had_of_it(): void
    {
        $attempt = $this->begun(30);
        $this->pause($attempt, true);
        $this->travelTo('2026-03-02 08:20:00');
        $neighbour = $this->person($this->group(), 'neighbour', Role::Apprentice);
        $other = Attempt::query()->findOrFail($this->actingAs($neighbour)->postJson("/api/jobs/$attempt->assignment_id/attempt")->assertOk()->json('attempt'));
        $this->travelTo('2026-03-02 08:25:00');
        $this->pause($attempt, false);
        self::assertSame([1500, 300], [(int) $attempt->concessions()->sum('seconds'), (int) $other->concessions()->sum('seconds')]);
        $this->actingAs($neighbour)->getJson("/api/attempts/$other->id/news")->assertJsonPath('endsAt', '2026-03-02T08:55:00+00:00');
    }

    public function test_a_job_without_a_limit_and_a_trial_have_no_end(): void
    {
        $attempt = $this->begun(null);
        $this->travel(30)->days();
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
        $this->news($attempt)->assertJsonPath('endsAt', null)->assertJsonPath('cardUntil', null);
        $this->concede($attempt, ['kind' => 'time', 'minutes' => 5, 'reason' => 'Slow tablet.'])->assertJsonPath('errors.minutes.0', 'This job has no time limit: nothing has to be added.');
        $trial = $this->actingAs($this->instructor)->postJson("/api/cases/{$attempt->version->case_draft_id}/trial")->assertCreated()->json('attempt');
        $this->getJson("/api/attempts/$trial/news")->assertOk()->assertJsonPath('endsAt', null)->assertJsonPath('remarks', []);
        $this->postJson("/api/attempts/$trial/concessions", ['kind' => 'fresh-car', 'reason' => 'Again.'])->assertForbidden();
    }

    public function test_a_worker_closes_what_nobody_looks_at_and_waits_where_time_was_given(): void
    {
        $attempt = $this->begun(30);
        $this->concede($attempt, ['kind' => 'time', 'minutes' => 10, 'reason' => 'The tablet fell.'])->assertNoContent();
        $this->travelTo('2026-03-02 08:42:00');
        (new CloseWhenTimeIsOver($attempt->id))->handle($this->app->make(TimeOver::class));
        self::assertNull($attempt->refresh()->concluded_at);
        $this->travelTo('2026-03-02 08:43:01');
        (new CloseWhenTimeIsOver($attempt->id))->handle($this->app->make(TimeOver::class));
        self::assertSame('time', $attempt->refresh()->closed_by);
    }

    public function test_a_closed_job_is_reopened_with_a_reason_and_marked_anew(): void
    {
        $attempt = $this->begun(null);
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->concede($attempt, ['kind' => 'time', 'minutes' => 5, 'reason' => 'Forgotten.'])->assertJsonValidationErrors('kind');
        $this->concede($attempt, ['kind' => 'reopened', 'reason' => ''])->assertJsonValidationErrors('reason');
        $this->concede($attempt, ['kind' => 'reopened', 'reason' => 'Closed by mistake.'])->assertStatus(409)->assertJsonPath('message', 'The job is just being marked. Try again in a minute.');
        $this->marked($attempt);
        $this->concede($attempt, ['kind' => 'reopened', 'reason' => 'Closed by mistake.'])->assertNoContent();
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id")->assertJsonPath('state.concluded', false)->assertJsonCount(1, 'steps');
        $this->getJson("/api/attempts/$attempt->id/report")->assertForbidden();
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->marked($attempt);
        $this->actingAs($this->instructor)->getJson("/api/attempts/$attempt->id/report")->assertJsonPath('marking.state', 'marked')->assertJsonCount(2, 'steps');
        self::assertStringContainsString('Closed by mistake.', LogEntry::query()->where('kind', 'conceded')->firstOrFail()->about);

        $attempt->assignment?->update(['released_at' => now()]);
        $this->travel(1)->minutes();
        $this->concede($attempt, ['kind' => 'reopened', 'reason' => 'Once more.'])->assertStatus(409);
    }

    public function test_what_is_reopened_after_its_time_needs_minutes(): void
    {
        $attempt = $this->begun(30);
        $this->travelTo('2026-03-02 08:40:00');
        $this->news($attempt)->assertJsonPath('concluded', true);
        $this->marked($attempt);
        $this->concede($attempt, ['kind' => 'reopened', 'reason' => 'The bell rang.'])->assertJsonPath('errors.minutes.0', 'Its time is over: give it minutes as well.');
        $this->concede($attempt, ['kind' => 'reopened', 'minutes' => 20, 'reason' => 'The bell rang.'])->assertNoContent();
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
    }

    public function test_a_fresh_car_counts_and_the_one_before_is_set_aside(): void
    {
        $attempt = $this->begun(null);
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
        $this->concede($attempt, ['kind' => 'fresh-car', 'reason' => 'Worked on the wrong car.'])->assertNoContent();
        $fresh = Attempt::query()->orderByDesc('id')->firstOrFail();
        self::assertSame([2, null], [$fresh->number, $fresh->concluded_at]);
        self::assertSame('instructor', $attempt->refresh()->closed_by);
        $attempt->assignment?->update(['released_at' => now()->subMinute()]);
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id/report")->assertForbidden(); // it may have the same cause
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonPath('0.attempt', $fresh->id)->assertJsonPath('0.state', 'under-way');
        $this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/marks")->assertJsonPath('people.0.marks.0.state', 'under-way');
    }

    public function test_remarks_to_one_and_to_all_come_to_the_job_as_they_were_written(): void
    {
        $attempt = $this->begun(null);
        $neighbour = $this->person($this->group(), 'neighbour', Role::Apprentice);
        $this->actingAs($this->apprentice)->putJson("/api/attempts/$attempt->id/help", ['wanted' => true])->assertJsonPath('helpWanted', true);
        $this->actingAs($this->instructor)->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts")->assertJsonPath('0.helpWanted', true)->assertJsonPath('0.stage', 'complaint');
        $this->postJson("/api/assignments/$attempt->assignment_id/remarks", ['text' => '<b>Ten</b> minutes more.'])->assertNoContent();
        $this->postJson("/api/assignments/$attempt->assignment_id/remarks", ['text' => 'Prove the meter.', 'attempt' => $attempt->id])->assertNoContent();
        $this->postJson("/api/assignments/$attempt->assignment_id/remarks", ['text' => 'Whose?', 'attempt' => $attempt->id + 1])->assertJsonValidationErrors('attempt');
        $this->postJson("/api/assignments/$attempt->assignment_id/remarks", ['text' => ' '])->assertJsonValidationErrors('text');
        $this->news($attempt)->assertJsonPath('helpWanted', false)->assertJsonPath('remarks.0.text', '<b>Ten</b> minutes more.')->assertJsonPath('remarks.0.toAll', true)->assertJsonPath('remarks.1.text', 'Prove the meter.')->assertJsonPath('remarks.1.from', 'Teacher');

        $this->travel(1)->minutes();
        $other = $this->actingAs($neighbour)->postJson("/api/jobs/$attempt->assignment_id/attempt")->json('attempt');
        $this->getJson("/api/attempts/$other/news")->assertJsonPath('remarks', []); // said before they began
    }

    public function test_the_list_of_a_class_is_sent_again_only_where_it_has_changed(): void
    {
        $attempt = $this->begun(null);
        $list = fn (string $known = '') => $this->actingAs($this->instructor)->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts", $known === '' ? [] : ['If-None-Match' => $known]);
        $known = (string) $list()->assertOk()->headers->get('ETag');
        self::assertSame('', $list($known)->assertStatus(304)->getContent());
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
        $list($known)->assertOk()->assertJsonPath('0.steps', 1);
    }

    public function test_in_an_examination_everything_else_is_closed(): void
    {
        $practice = $this->attempt($this->published(more: ['practice' => true]));
        $this->actingAs($this->apprentice)->getJson('/api/lab')->assertOk();
        $examination = $this->begun(null, closedRoom: true, handbook: false);
        foreach (["/api/attempts/$practice->id", "/api/attempts/$practice->id/report", '/api/lab', '/api/road-lab', '/api/handbook', '/api/fault-portraits'] as $path) {
            $this->actingAs($this->apprentice)->getJson($path)->assertStatus(409)->assertJsonPath('message', "You are at work on an examination: {$this->document()['jobTitle']}. This opens again when you have closed it.");
        }
        $this->act($practice, ['do' => 'look-at-lamps'])->assertStatus(409);
        $this->act($examination, ['do' => 'conclude'])->assertOk();
        $this->getJson("/api/attempts/$practice->id")->assertOk();

        $timed = $this->begun(20, closedRoom: true);
        $this->getJson('/api/lab')->assertStatus(409);
        $this->travel(24)->minutes();
        $this->getJson('/api/lab')->assertOk(); // its time is over
        self::assertSame('time', $timed->refresh()->closed_by);

        $open = $this->begun(null, closedRoom: true);
        $this->getJson('/api/handbook')->assertNoContent();
        $open->assignment?->update(['annulled_at' => now()]);
        $this->getJson('/api/lab')->assertOk();
    }

    public function test_who_was_interrupted_gets_another_fault_on_the_same_terms(): void
    {
        $attempt = $this->begun(30);
        $path = "/api/assignments/$attempt->assignment_id/people/{$this->apprentice->id}";
        $this->actingAs($this->instructor)->postJson("$path/make-up")->assertStatus(422)->assertJsonPath('errors.person.0', 'A make-up is for somebody who was absent, is excused or was interrupted. Note that first.');
        $this->putJson($path, ['kind' => 'interrupted'])->assertNoContent();
        self::assertSame('instructor', $attempt->refresh()->closed_by);
        $this->getJson("/api/groups/{$this->group()->id}/marks")->assertJsonPath('people.0.marks.0.state', 'interrupted')->assertJsonPath('people.0.outOf', 0);
        $this->postJson("$path/make-up")->assertCreated();
        $this->postJson("$path/make-up")->assertOk();
        $makeUp = Assignment::query()->orderByDesc('id')->firstOrFail();
        self::assertSame([30, 'other', [$this->apprentice->id]], [$makeUp->minutes_allowed, $makeUp->variation->value, $makeUp->people->modelKeys()]);
        Bus::assertDispatched(PrepareVariants::class);
        self::assertSame(1, Absence::query()->count());
    }

    public function test_who_has_nothing_to_do_is_named(): void
    {
        $idle = fn (): TestResponse => $this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/without-job")->assertOk();
        $idle()->assertExactJson(['apprentices' => 1, 'people' => ['Learner']]);
        $attempt = $this->begun(null);
        $idle()->assertJsonPath('people', []);
        $this->person($this->group(), 'newcomer', Role::Apprentice);
        $idle()->assertJsonPath('people', []); // has it to begin
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $idle()->assertJsonPath('people', ['Learner']);
    }

    private function begun(?int $minutes, bool $closedRoom = false, bool $handbook = true): Attempt
    {
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document()]);

        return $this->attempt($this->app->make(Publication::class)->of($draft, [$this->group()->id], new Terms(Release::of(ReleaseKind::ByInstructor), minutesAllowed: $minutes, closedRoom: $closedRoom, handbook: $handbook)));
    }

    /** @return TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function news(Attempt $attempt): TestResponse
    {
        return $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id/news")->assertOk();
    }

    private function marked(Attempt $attempt): void
    {
        $this->app->call([new MarkAttempt($attempt->id), 'handle']);
    }

    private function pause(Attempt $attempt, bool $isPaused): void
    {
        $this->actingAs($this->instructor)->putJson("/api/assignments/$attempt->assignment_id/pause", ['paused' => $isPaused])->assertOk();
    }

    /**
     * @param  array<string, mixed>  $given
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function concede(Attempt $attempt, array $given): TestResponse
    {
        return $this->actingAs($this->instructor)->postJson("/api/attempts/$attempt->id/concessions", $given);
    }
}
