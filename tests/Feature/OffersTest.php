<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Memberships;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use App\Models\Group;
use App\Models\LogEntry;
use App\Models\Role;

/** What was published can be corrected: nobody has a job twice, nobody loses one that was begun. */
final class OffersTest extends FeatureTestCase
{
    private CaseDraft $draft;

    protected function setUp(): void
    {
        parent::setUp();
        $this->draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document()]);
    }

    public function test_publishing_what_has_not_changed_does_nothing(): void
    {
        $this->give()->assertCreated()->assertJsonPath('versions.0.group.name', 'A class')->assertJsonPath('versions.0.state', 'given');
        $this->give()->assertOk()->assertJsonCount(1, 'versions');
        self::assertSame(1, LogEntry::query()->count());

        $this->retitle('Another title');
        $this->give()->assertCreated()->assertJsonPath('versions.*.state', ['replaced', 'given']);
        self::assertSame(2, CaseVersion::query()->count());
    }

    public function test_a_newer_version_takes_the_place_of_the_older_for_whoever_has_not_started(): void
    {
        $classmate = $this->person($this->group(), 'classmate', Role::Apprentice);
        $first = $this->given();
        $attempt = $this->attempt($first);
        $this->retitle('Another title');
        $second = $this->given();

        $this->actingAs($classmate)->getJson('/api/jobs')->assertJsonPath('*.id', [$second->id])->assertJsonPath('0.jobTitle', 'Another title');
        $this->postJson("/api/jobs/$first->id/attempt")->assertStatus(409)->assertJsonPath('message', 'This job was taken back, or a newer version has taken its place. Look at the list of jobs.');
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonPath('*.id', [$first->id]);
        $this->postJson("/api/jobs/$second->id/attempt")->assertStatus(409);
        $this->postJson("/api/jobs/$first->id/attempt")->assertOk()->assertJsonPath('attempt', $attempt->id);

        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->getJson('/api/jobs')->assertJsonPath('*.id', [$first->id, $second->id]);
    }

    public function test_what_was_given_is_taken_back_and_given_again(): void
    {
        $version = $this->given();
        $attempt = $this->attempt($version);
        $classmate = $this->person($this->group(), 'classmate', Role::Apprentice);
        $this->withdrawn(true)->assertOk()->assertJsonPath('versions.0.state', 'withdrawn')->assertJsonPath('versions.0.attempts', 1);

        $this->actingAs($classmate)->getJson('/api/jobs')->assertExactJson([]);
        $this->postJson("/api/jobs/$version->id/attempt")->assertStatus(409);
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on'])->assertOk();
        $this->give()->assertCreated(); // the same again, once it was taken back, is something new

        $this->withdrawn(false)->assertOk()->assertJsonPath('versions.*.state', ['replaced', 'given']);
        $this->actingAs($classmate)->getJson('/api/jobs')->assertJsonCount(1);
        $this->actingAs($this->instructor)->putJson("/api/cases/{$this->draft->id}/versions/9", ['withdrawn' => true])->assertNotFound();
        $this->putJson("/api/cases/{$this->draft->id}/versions/1", ['withdrawn' => 'perhaps'])->assertStatus(422)->assertJsonPath('errors.withdrawn.0', 'Say whether it is taken back.');
    }

    /** Whoever is in two groups that have the same case has one job of it. */
    public function test_two_groups_with_one_case_make_one_job(): void
    {
        $evening = Group::query()->create(['name' => 'Evening class']);
        (new Memberships)->join($this->instructor->refresh(), $evening);
        (new Memberships)->join($this->apprentice, $evening);
        foreach ([$this->group(), $evening] as $group) {
            $this->actingAs($this->instructor)->postJson("/api/cases/{$this->draft->id}/versions", ['group' => $group->id])->assertCreated()->assertJsonPath('versions.0.state', 'given');
        }

        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonCount(1);
    }

    private function give(): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->instructor)->postJson("/api/cases/{$this->draft->id}/versions");
    }

    private function given(): CaseVersion
    {
        $this->give()->assertCreated();

        return CaseVersion::query()->latest('id')->firstOrFail();
    }

    private function withdrawn(bool $withdrawn): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->instructor)->putJson("/api/cases/{$this->draft->id}/versions/1", ['withdrawn' => $withdrawn]);
    }

    private function retitle(string $title): void
    {
        $this->draft->update(['document' => ['jobTitle' => $title] + $this->draft->document]);
    }
}
