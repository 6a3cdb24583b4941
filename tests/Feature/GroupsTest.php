<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Memberships;
use App\Models\Assignment;
use App\Models\Group;
use App\Models\LogEntry;
use App\Models\Role;
use Illuminate\Support\Facades\DB;

/** A person is in as many groups as need be; what was done stays where it was done. */
final class GroupsTest extends FeatureTestCase
{
    public function test_whoever_makes_a_group_teaches_it_and_names_are_taken_once(): void
    {
        $this->actingAs($this->instructor)->postJson('/api/groups', ['name' => ' Evening class '])->assertCreated()
            ->assertJsonPath('name', 'Evening class')->assertJsonPath('instructors', ['Teacher'])->assertJsonPath('apprentices', 0);
        $this->postJson('/api/groups', ['name' => 'Evening class'])->assertStatus(422)->assertJsonPath('errors.name.0', 'A group has that name already.');
        $this->postJson('/api/groups', ['name' => ' '])->assertStatus(422)->assertJsonPath('errors.name.0', 'Give the group a name.');
        $this->getJson('/api/groups')->assertOk()->assertJsonPath('*.name', ['A class', 'Evening class'])->assertJsonPath('0.apprentices', 1);
        $this->putJson("/api/groups/{$this->group()->id}", ['name' => 'Second year'])->assertOk()->assertJsonPath('name', 'Second year');

        self::assertSame('Evening class', LogEntry::query()->sole()->about);
    }

    public function test_a_person_is_put_into_groups_and_jobs_follow(): void
    {
        $evening = $this->evening();
        $this->published();
        $other = $this->published()->version->case_draft_id;
        $this->actingAs($this->instructor)->putJson("/api/people/{$this->apprentice->id}/groups", ['groups' => [$evening->id, $this->group()->id]])
            ->assertOk()->assertJsonPath('groups.*.name', ['A class', 'Evening class']);
        self::assertSame(2, DB::table('memberships')->where('user_id', $this->apprentice->id)->count());
        $this->postJson("/api/cases/$other/versions", ['groups' => [$evening->id]])->assertCreated();

        $this->actingAs($this->apprentice->refresh())->getJson('/api/jobs')->assertOk()->assertJsonCount(2);
        (new Memberships)->leave($this->apprentice, $this->group());
        $this->getJson('/api/jobs')->assertOk()->assertJsonPath('*.id', [Assignment::query()->latest('id')->firstOrFail()->id]);
    }

    /** Somebody removed in the middle of a job finishes it; others of that group are nothing to them any more. */
    public function test_leaving_a_group_keeps_what_was_begun_and_the_record(): void
    {
        $begun = $this->attempt($this->published());
        $other = $this->published();
        $this->actingAs($this->instructor)->putJson("/api/people/{$this->apprentice->id}/groups", ['groups' => []])->assertOk()->assertJsonPath('groups', []);
        $this->getJson('/api/people')->assertJsonCount(0);
        $this->apprentice->refresh();

        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertOk()->assertJsonPath('*.id', [$begun->assignment_id]);
        $this->act($begun, ['do' => 'ignition', 'to' => 'on'])->assertOk();
        $this->postJson("/api/jobs/$begun->assignment_id/attempt")->assertOk()->assertJsonPath('attempt', $begun->id);
        $this->postJson("/api/jobs/$other->id/attempt")->assertForbidden();
        $this->actingAs($this->instructor)->getJson("/api/cases/{$begun->version->case_draft_id}/attempts")->assertOk()->assertJsonPath('0.apprentice', 'Learner');
        self::assertNotNull(DB::table('memberships')->where('user_id', $this->apprentice->id)->value('left_at'));

        (new Memberships)->join($this->apprentice, $this->group());
        self::assertSame(2, DB::table('memberships')->where('user_id', $this->apprentice->id)->count(), 'when somebody was there is kept');
    }

    public function test_what_others_have_decided_of_a_person_stays(): void
    {
        $others = Group::query()->create(['name' => 'Another class']);
        (new Memberships)->join($this->apprentice, $others);

        $this->actingAs($this->instructor)->putJson("/api/people/{$this->apprentice->id}/groups", ['groups' => [$others->id]])->assertStatus(422)->assertJsonPath('errors', ['groups.0' => ['Only groups of your own can be chosen.']]);
        $this->putJson("/api/people/{$this->apprentice->id}/groups", ['groups' => [$this->group()->id]])->assertOk()->assertJsonPath('groups.*.name', ['A class']);
        self::assertSame([$this->group()->id, $others->id], collect($this->apprentice->refresh()->groupIds())->sort()->values()->all());
    }

    public function test_whoever_teaches_several_says_for_which(): void
    {
        $draft = $this->published()->version->case_draft_id;
        $evening = $this->evening();
        $stranger = Group::query()->create(['name' => 'Another class']);
        foreach ([[], ['group' => $stranger->id], ['group' => 'all']] as $sent) {
            $this->actingAs($this->instructor)->postJson("/api/cases/$draft/versions", $sent)->assertStatus(422)->assertJsonPath('errors.groups.0', 'Choose one of your groups.');
        }
        $this->postJson("/api/cases/$draft/versions", ['groups' => [$evening->id]])->assertCreated();
        self::assertSame([[$this->group()->id], [$evening->id]], Assignment::query()->with('groups')->orderBy('id')->get()->map(static fn (Assignment $one): array => $one->groups->modelKeys())->all());

        $this->postJson('/api/people', ['name' => 'Ines Vogt', 'signIn' => 'ines'])->assertStatus(422)->assertJsonPath('errors.groups.0', 'Choose one of your groups.');
        $this->postJson('/api/people', ['name' => 'Ines Vogt', 'signIn' => 'ines', 'groups' => [$evening->id]])->assertCreated();
        $this->getJson('/api/people')->assertJsonPath('*.groups.*.name', ['Evening class', 'A class']);
    }

    /** Reports that open when all are done wait for nobody who has left. */
    public function test_who_has_left_is_not_waited_for(): void
    {
        $leaves = $this->person($this->group(), 'leaves', Role::Apprentice);
        $draft = $this->published()->version->case_draft_id;
        $this->actingAs($this->instructor)->postJson("/api/cases/$draft/versions", ['release' => ['kind' => 'all-done', 'at' => now()->addYear()->toIso8601String()]])->assertCreated();
        $attempt = $this->attempt(Assignment::query()->latest('id')->firstOrFail());
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->getJson("/api/attempts/$attempt->id/report")->assertJsonPath('release.isOpen', false);

        (new Memberships)->leave($leaves, $this->group());
        $this->travel(1)->seconds();
        $this->getJson("/api/attempts/$attempt->id/report")->assertJsonPath('release.isOpen', true);
    }

    private function evening(): Group
    {
        $group = Group::query()->create(['name' => 'Evening class']);
        (new Memberships)->join($this->instructor, $group);

        return $group;
    }
}
