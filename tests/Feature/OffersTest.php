<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\LogKind;
use App\Accounts\Memberships;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use App\Models\Group;
use App\Models\LogEntry;
use App\Models\Role;
use App\Models\User;

/** What was given out can be corrected: nobody has a job twice, nobody loses one that was begun. */
final class OffersTest extends FeatureTestCase
{
    private CaseDraft $draft;

    private User $classmate;

    protected function setUp(): void
    {
        parent::setUp();
        $this->draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => ['practice' => true] + $this->document()]);
        $this->classmate = $this->person($this->group(), 'classmate', Role::Apprentice);
    }

    public function test_publishing_what_has_not_changed_does_nothing(): void
    {
        $this->give()->assertCreated()->assertJsonPath('assignments.0.groups.0.name', 'A class')->assertJsonPath('assignments.0.state', 'given')->assertJsonPath('assignments.0.apprentices', 2);
        $this->give()->assertOk()->assertJsonCount(1, 'assignments');
        self::assertSame(1, LogEntry::query()->count());

        $this->retitle('Another title');
        $this->give()->assertCreated()->assertJsonCount(1, 'assignments')->assertJsonPath('assignments.0.version', 2)->assertJsonPath('versions.*.number', [1, 2]);
        $this->give(['tries' => 3])->assertCreated()->assertJsonPath('assignments.0.tries', 3)->assertJsonCount(2, 'versions');
    }

    public function test_a_newer_version_takes_the_place_of_the_older_for_whoever_has_not_started(): void
    {
        $job = $this->given();
        $attempt = $this->attempt($job);
        $this->retitle('Another title');
        $this->give()->assertCreated();

        $this->actingAs($this->classmate)->getJson('/api/jobs')->assertJsonPath('*.id', [$job->id])->assertJsonPath('0.jobTitle', 'Another title');
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonPath('0.jobTitle', $this->document()['jobTitle'])->assertJsonPath('0.canBegin', false);
        $this->postJson("/api/jobs/$job->id/attempt", ['again' => true])->assertOk()->assertJsonPath('attempt', $attempt->id);

        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->getJson('/api/jobs')->assertJsonPath('0.state', 'concluded')->assertJsonPath('0.canBegin', true);
        $again = $this->postJson("/api/jobs/$job->id/attempt", ['again' => true])->assertOk()->json('attempt');
        $this->postJson("/api/jobs/$job->id/attempt", ['again' => true])->assertOk()->assertJsonPath('attempt', $again);
        $this->getJson('/api/jobs')->assertJsonCount(1)->assertJsonPath('0.try', 2)->assertJsonPath('0.jobTitle', 'Another title')->assertJsonPath('0.attempt', $again);
        self::assertSame([1, 2], Attempt::query()->pluck('number')->all());
        self::assertCount(2, Attempt::query()->pluck('seed')->unique());
    }

    public function test_what_was_given_is_taken_back_and_given_again(): void
    {
        $job = $this->given();
        $attempt = $this->attempt($job);
        $this->withdrawn($job, true)->assertOk()->assertJsonPath('assignments.0.state', 'withdrawn')->assertJsonPath('assignments.0.attempts', 1);

        $this->actingAs($this->classmate)->getJson('/api/jobs')->assertExactJson([]);
        $this->postJson("/api/jobs/$job->id/attempt")->assertStatus(409)->assertJsonPath('message', 'This job cannot be begun: it was taken back, its time is over, or you have begun it as often as you may. Look at the list of jobs.');
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on'])->assertOk();
        $this->give()->assertCreated(); // the same again, once it was taken back, is something new

        $this->withdrawn($job, false)->assertOk()->assertJsonPath('assignments.*.state', ['replaced', 'given']);
        $this->actingAs($this->classmate)->getJson('/api/jobs')->assertJsonCount(1);
        $this->actingAs($this->instructor)->putJson('/api/assignments/9', ['withdrawn' => true])->assertNotFound();
        $this->putJson("/api/assignments/$job->id", ['withdrawn' => 'perhaps'])->assertStatus(422)->assertJsonPath('errors.withdrawn.0', 'Say whether it is taken back.');
    }

    /** Whoever is in two groups that have the same case, or is named beside, has one job of it. */
    public function test_two_groups_with_one_case_make_one_job(): void
    {
        $evening = Group::query()->create(['name' => 'Evening class']);
        (new Memberships)->join($this->instructor->refresh(), $evening);
        (new Memberships)->join($this->apprentice, $evening);
        foreach ([['groups' => [$this->group()->id]], ['groups' => [$evening->id]], ['people' => [$this->apprentice->id]]] as $whom) {
            $this->give($whom)->assertCreated()->assertJsonPath('assignments.0.state', 'given');
        }

        self::assertSame(1, CaseVersion::query()->count());
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonCount(1);
        $this->actingAs($this->instructor)->getJson("/api/groups/$evening->id/marks")->assertJsonCount(2, 'cases')->assertJsonPath('people.0.marks.*.state', ['not-started', 'not-started']);
    }

    public function test_what_is_given_to_some_by_name_is_theirs_alone(): void
    {
        $job = $this->given(['people' => [$this->classmate->id]]);

        $this->actingAs($this->classmate)->getJson('/api/jobs')->assertJsonPath('*.id', [$job->id]);
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertExactJson([]);
        $this->postJson("/api/jobs/$job->id/attempt")->assertForbidden();
        $this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/marks")->assertJsonPath('people.*.marks.0.state', ['not-started', 'not-given']);
        $stranger = $this->person(Group::query()->create(['name' => 'Evening class']), 'stranger', Role::Apprentice);
        $this->give(['people' => [$stranger->id]])->assertStatus(422)->assertJsonPath('errors', ['people.0' => ['Choose apprentices of your groups.']]);
    }

    public function test_it_can_be_begun_from_and_until_a_time_and_so_often(): void
    {
        $job = $this->given(['startsAt' => now()->addDay()->toIso8601String(), 'endsAt' => now()->addDays(2)->toIso8601String(), 'tries' => 2]);
        $case = fn () => $this->actingAs($this->instructor)->getJson("/api/cases/{$this->draft->id}");
        $case()->assertJsonPath('assignments.0.state', 'to-come');
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertExactJson([]);
        $this->postJson("/api/jobs/$job->id/attempt")->assertStatus(409);

        $this->travel(25)->hours();
        $first = $this->postJson("/api/jobs/$job->id/attempt")->assertOk()->json('attempt');
        $this->act(Attempt::query()->findOrFail($first), ['do' => 'conclude'])->assertOk();
        $second = $this->postJson("/api/jobs/$job->id/attempt", ['again' => true])->assertOk()->json('attempt');
        $this->travel(1)->days();
        $case()->assertJsonPath('assignments.0.state', 'over');
        $this->actingAs($this->classmate)->postJson("/api/jobs/$job->id/attempt")->assertStatus(409);
        $this->act(Attempt::query()->findOrFail($second), ['do' => 'conclude'])->assertOk(); // what was begun is finished
        $this->travel(-1)->days();
        $this->postJson("/api/jobs/$job->id/attempt", ['again' => true])->assertStatus(409);

        foreach ([['startsAt' => 'soon'], ['endsAt' => now()->subDay()->toIso8601String()], ['startsAt' => now()->addDays(3)->toIso8601String(), 'endsAt' => now()->addDays(2)->toIso8601String()], ['tries' => -1], ['tries' => 'many'], ['groups' => 'all'], ['people' => 7]] as $wrong) {
            $this->give($wrong)->assertStatus(422)->assertJsonValidationErrors(array_key_last($wrong));
        }
    }

    public function test_an_examination_somebody_has_begun_is_annulled_and_repeated(): void
    {
        $this->draft->update(['document' => $this->document()]);
        $job = $this->given(['variation' => 'same']);
        $attempt = $this->attempt($job);
        $this->retitle('Another title');
        $this->give()->assertStatus(409);
        $this->give(['tries' => 2])->assertStatus(409);
        $this->give(['groups' => [$this->group()->id], 'people' => [$this->classmate->id]])->assertStatus(409); // nor for some of them

        $annul = fn (string $reason) => $this->actingAs($this->instructor)->postJson("/api/assignments/$job->id/annulment", ['reason' => $reason]);
        $annul('')->assertStatus(422)->assertJsonPath('errors.reason.0', 'Say in up to 400 characters why it is annulled; everybody who had it reads this.');
        $annul('The fire alarm.')->assertOk()->assertJsonPath('assignments.0.state', 'annulled')->assertJsonPath('assignments.0.annulledBecause', 'The fire alarm.');
        $annul('Another reason.')->assertOk()->assertJsonPath('assignments.0.annulledBecause', 'The fire alarm.');
        $this->withdrawn($job, false)->assertStatus(422);
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertStatus(422)->assertJsonPath('message', 'This examination was annulled: nothing more is done on it. What you did is kept.');

        $this->give(['variation' => 'same'])->assertCreated()->assertJsonPath('assignments.*.state', ['annulled', 'given']);
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonPath('*.annulledBecause', ['The fire alarm.', null])->assertJsonPath('*.canBegin', [false, true]);
        $this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/marks")->assertJsonPath('people.1.marks.*.state', ['annulled', 'not-started'])->assertJsonPath('people.1.outOf', 0);
        self::assertSame(LogKind::Annulled, LogEntry::query()->oldest('id')->skip(1)->value('kind'));
    }

    /** @param  array<string, mixed>  $terms */
    private function give(array $terms = []): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->instructor->refresh())->postJson("/api/cases/{$this->draft->id}/versions", $terms);
    }

    /** @param  array<string, mixed>  $terms */
    private function given(array $terms = []): Assignment
    {
        $this->give($terms)->assertCreated();

        return Assignment::query()->latest('id')->firstOrFail();
    }

    private function withdrawn(Assignment $job, bool $withdrawn): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->instructor)->putJson("/api/assignments/$job->id", ['withdrawn' => $withdrawn]);
    }

    private function retitle(string $title): void
    {
        $this->draft->update(['document' => ['jobTitle' => $title] + $this->draft->document]);
    }
}
