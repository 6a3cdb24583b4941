<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\Publication;
use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Attempts\Terms;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\LogEntry;
use App\Models\Role;

/** The mark of an examination is a proposal until it is confirmed by name; against it one objects in a sentence, and another decides. */
final class StandingTest extends FeatureTestCase
{
    private const OBJECTION = 'I did prove the meter before the first reading.';

    private const DECISION = 'The log shows the meter proven in step 2.';

    public function test_a_mark_is_a_proposal_until_it_is_confirmed_by_name(): void
    {
        $attempt = $this->closed();
        $this->report($attempt)->assertJsonPath('standing.confirmedAt', null)->assertJsonPath('standing.mayConfirm', true)->assertJsonPath('standing.mayObject', false);
        $this->getJson("/api/groups/{$this->group()->id}/marks")->assertJsonPath('people.0.marks.0.proposed', true);

        $this->postJson("/api/attempts/$attempt->id/confirmation")->assertOk()->assertJsonPath('confirmedBy', 'Teacher')->assertJsonPath('mayConfirm', false);
        $this->getJson("/api/groups/{$this->group()->id}/marks")->assertJsonPath('people.0.marks.0.proposed', false);
        $this->postJson("/api/attempts/$attempt->id/overrides", ['criterion' => 'safety', 'points' => 1, 'reason' => 'Seen with my own eyes.'])->assertSuccessful();
        $this->report($attempt)->assertJsonPath('standing.confirmedAt', null);

        $this->postJson("/api/assignments/$attempt->assignment_id/confirmation")->assertOk()->assertExactJson(['confirmed' => 1]);
        $this->postJson("/api/assignments/$attempt->assignment_id/confirmation")->assertExactJson(['confirmed' => 0]);
        $this->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts")->assertJsonPath('0.proposed', false);
        self::assertSame(2, LogEntry::query()->where('kind', 'mark-confirmed')->count());
        $this->actingAs($this->apprentice)->postJson("/api/attempts/$attempt->id/confirmation")->assertForbidden();
    }

    public function test_an_objection_is_raised_once_and_decided_by_another_instructor(): void
    {
        $colleague = $this->person($this->group(), 'colleague', Role::Instructor);
        $attempt = $this->closed();
        $this->actingAs($this->instructor)->postJson("/api/attempts/$attempt->id/confirmation")->assertOk();
        $object = fn (string $text) => $this->actingAs($this->apprentice)->postJson("/api/attempts/$attempt->id/objection", ['text' => $text]);
        $object('no')->assertStatus(422)->assertJsonPath('errors.text.0', 'Say in a sentence of 10 to 400 characters what is wrong with the mark.');
        $object(self::OBJECTION)->assertCreated()->assertJsonPath('objection.text', self::OBJECTION)->assertJsonPath('mayObject', false);
        $object(self::OBJECTION)->assertStatus(409);
        $this->getJson('/api/attempts/'.$attempt->id.'/report')->assertJsonPath('standing.objection.upheld', null)->assertJsonPath('standing.mayDecide', false);

        $decide = fn (array $body) => $this->putJson("/api/attempts/$attempt->id/objection", $body);
        $this->report($attempt)->assertJsonPath('standing.mayDecide', false); // who confirmed it does not decide where there is another
        $decide(['upheld' => true, 'decision' => self::DECISION])->assertForbidden();
        $this->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts")->assertJsonPath('0.objected', true);

        $this->actingAs($colleague)->getJson("/api/attempts/$attempt->id/report")->assertOk()->assertJsonPath('standing.mayDecide', true);
        $decide(['upheld' => 'perhaps', 'decision' => ''])->assertStatus(422)->assertJsonValidationErrors(['upheld', 'decision']);
        $decide(['upheld' => true, 'decision' => self::DECISION])->assertOk()->assertJsonPath('objection.by', 'Colleague')->assertJsonPath('objection.upheld', true);
        $decide(['upheld' => false, 'decision' => self::DECISION])->assertStatus(409);
        $this->postJson("/api/attempts/$attempt->id/overrides", ['criterion' => 'safety', 'points' => 15, 'reason' => 'As decided about the objection.'])->assertSuccessful();
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id/report")->assertJsonPath('standing.objection.decision', self::DECISION);
    }

    public function test_where_there_is_no_other_instructor_the_one_there_is_decides(): void
    {
        $attempt = $this->closed();
        $this->actingAs($this->apprentice)->postJson("/api/attempts/$attempt->id/objection", ['text' => self::OBJECTION])->assertCreated();
        $this->report($attempt)->assertJsonPath('standing.mayDecide', true);
    }

    public function test_nobody_objects_before_the_report_is_open_nor_to_practice(): void
    {
        $closed = $this->closed(new Terms(Release::of(ReleaseKind::ByInstructor)));
        $this->actingAs($this->apprentice)->postJson("/api/attempts/$closed->id/objection", ['text' => self::OBJECTION])->assertForbidden();
        $this->getJson("/api/attempts/$closed->id/report")->assertJsonPath('standing', null);
        $practice = $this->closed(null, ['practice' => true]);
        $this->actingAs($this->apprentice)->postJson("/api/attempts/$practice->id/objection", ['text' => self::OBJECTION])->assertForbidden();
        $this->getJson("/api/attempts/$practice->id/report")->assertJsonPath('standing', null);
        $this->actingAs($this->instructor)->postJson("/api/attempts/$practice->id/confirmation")->assertForbidden();
    }

    public function test_a_faulty_rule_names_whom_it_touched_and_its_correction_only_raises(): void
    {
        $attempt = $this->closed();
        $this->actingAs($this->instructor)->postJson("/api/attempts/$attempt->id/confirmation")->assertOk();
        $rules = collect($this->getJson("/api/assignments/$attempt->assignment_id/rules")->assertOk()->json())->keyBy('criterion');
        self::assertSame('Learner', $rules['proof']['jobs'][0]['apprentice']);
        $before = $this->report($attempt)->json('decided.points');

        $correct = fn (array $given) => $this->postJson("/api/assignments/$attempt->assignment_id/corrections", $given + ['criterion' => 'proof', 'points' => 1, 'reason' => 'The drive it asks for is not on offer.']);
        $correct(['criterion' => 'charm'])->assertJsonValidationErrors('criterion');
        $correct(['points' => 1000])->assertJsonValidationErrors('points');
        $correct(['reason' => 'no'])->assertJsonValidationErrors('reason');
        $correct([])->assertOk()->assertExactJson(['raised' => 1]);
        $this->report($attempt)->assertJsonPath('decided.points', $before + 1)->assertJsonPath('standing.confirmedAt', null);
        $correct(['points' => 0.5])->assertExactJson(['raised' => 0]);
        $this->report($attempt)->assertJsonPath('decided.points', $before + 1);
        self::assertSame(2, LogEntry::query()->where('kind', 'rule-corrected')->count());
    }

    /** @param  array<string, mixed>  $more */
    private function closed(?Terms $terms = null, array $more = []): Attempt
    {
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => [...$this->document(), ...$more]]);
        $attempt = $this->attempt($this->app->make(Publication::class)->of($draft, [$this->group()->id], $terms));
        $this->act($attempt, ['do' => 'conclude'])->assertOk();

        return $attempt->refresh();
    }

    private function report(Attempt $attempt): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->instructor)->getJson("/api/attempts/$attempt->id/report")->assertOk();
    }
}
