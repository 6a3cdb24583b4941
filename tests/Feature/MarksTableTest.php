<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Memberships;
use App\Models\Group;
use App\Models\MarkSheetRecord;
use App\Models\Role;

/** The marks of a group on screen and as a table: RFC 4180, and nothing in it that a spreadsheet would compute. */
final class MarksTableTest extends FeatureTestCase
{
    public function test_everybody_has_a_row_and_every_case_a_column(): void
    {
        $this->person($this->group(), 'waits', Role::Apprentice);
        $attempt = $this->attempt($this->published());
        $practice = $this->attempt($this->published(more: ['practice' => true]));
        $this->table()->assertJsonPath('people.*.name', ['Learner', 'Waits'])->assertJsonPath('people.*.marks.*.state', ['under-way', 'under-way', 'not-started', 'not-started'])->assertJsonPath('people.0.outOf', 0);

        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->act($practice, ['do' => 'conclude'])->assertOk();
        $points = round((float) MarkSheetRecord::query()->where('attempt_id', $attempt->id)->sole()->sheet['points'], 2);
        $this->table()->assertJsonPath('cases.*.practice', [false, true])->assertJsonPath('people.0.marks.*.state', ['marked', 'practised'])
            ->assertJsonPath('people.0.marks.0.attempt', $attempt->id)->assertJsonPath('people.0.marks.*.points', [$points, null])->assertJsonPath('people.0.points', $points)->assertJsonPath('people.0.outOf', 100);

        $this->actingAs($this->instructor)->postJson("/api/attempts/$attempt->id/overrides", ['criterion' => 'safety', 'points' => 1, 'reason' => 'Seen with my own eyes.'])->assertSuccessful();
        $this->table()->assertJsonPath('people.0.marks.0.decided', true);
        MarkSheetRecord::query()->delete();
        $this->table()->assertJsonPath('people.0.marks.0.state', 'awaited')->assertJsonPath('people.0.marks.0.points', null);
    }

    public function test_of_several_versions_the_newest_job_counts_and_who_has_left_stays(): void
    {
        $first = $this->published(more: ['practice' => true]);
        $old = $this->attempt($first);
        $this->act($old, ['do' => 'conclude'])->assertOk();
        $this->actingAs($this->instructor)->putJson("/api/cases/{$first->version->case_draft_id}", array_diff_key(['jobTitle' => 'Another title'] + $this->document(), ['format' => 1]))->assertOk();
        $this->postJson("/api/cases/{$first->version->case_draft_id}/versions", ['tries' => 0, 'variation' => 'same', 'release' => ['kind' => 'at-once']])->assertCreated();
        $this->table()->assertJsonCount(1, 'cases')->assertJsonPath('people.0.marks.0.attempt', $old->id);
        $new = $this->actingAs($this->apprentice)->postJson("/api/jobs/$first->id/attempt", ['again' => true])->assertOk()->json('attempt');
        $this->table()->assertJsonPath('people.0.marks.0.attempt', $new)->assertJsonPath('people.0.marks.0.state', 'under-way');

        (new Memberships)->leave($this->apprentice, $this->group());
        $this->table()->assertJsonPath('people.0.name', 'Learner')->assertJsonPath('people.0.hasLeft', true);
    }

    public function test_who_was_absent_or_is_excused_has_no_nought_and_holds_up_no_report(): void
    {
        $away = $this->person($this->group(), 'away', Role::Apprentice);
        $job = $this->published();
        $job->update(['release' => ['kind' => 'all-done', 'at' => now()->addYear()->toIso8601String()]]);
        $attempt = $this->attempt($job);
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $note = fn (?string $kind) => $this->actingAs($this->instructor)->putJson("/api/assignments/$job->id/people/$away->id", ['kind' => $kind]);
        $isOpen = fn (): bool => $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id/report")->json('release.isOpen');
        self::assertFalse($isOpen());

        $note('excused')->assertNoContent();
        $this->table()->assertJsonPath('people.0.marks.0.state', 'excused')->assertJsonPath('people.0.outOf', 0)->assertJsonPath('cases.0.isMine', true);
        self::assertTrue($isOpen());
        $note('absent')->assertNoContent();
        $this->table()->assertJsonPath('people.0.marks.0.state', 'absent');
        $note(null)->assertNoContent();
        $this->table()->assertJsonPath('people.0.marks.0.state', 'not-started');
        self::assertFalse($isOpen());
        $note('asleep')->assertStatus(422)->assertJsonPath('errors.kind.0', 'Say whether somebody who has this job was absent or is excused.');
        $stranger = $this->person(Group::query()->create(['name' => 'Evening class']), 'stranger', Role::Apprentice);
        $this->putJson("/api/assignments/$job->id/people/$stranger->id", ['kind' => 'absent'])->assertStatus(422);
    }

    public function test_the_table_for_another_program_computes_nothing(): void
    {
        $this->apprentice->update(['name' => '=HYPERLINK("http://x.invalid"; "A")']);
        $this->person($this->group(), 'second', Role::Apprentice)->update(['name' => 'Öz, Ada "A"']);
        $attempt = $this->attempt($this->published(more: ['name' => 'Coil, front']));
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $points = rtrim(rtrim(number_format((float) MarkSheetRecord::query()->sole()->sheet['points'], 2, '.', ''), '0'), '.');
        $answer = $this->actingAs($this->instructor)->get("/api/groups/{$this->group()->id}/marks.csv")->assertOk()
            ->assertHeader('Content-Type', 'text/csv; charset=utf-8')->assertHeader('Content-Disposition', 'attachment; filename="marks-a-class.csv"');

        self::assertSame("\xEF\xBB\xBF".implode("\r\n", [
            'Name,Signs in as,"Coil, front",Points,Out of,Grade', "\"'=HYPERLINK(\"\"http://x.invalid\"\"; \"\"A\"\")\",learner,$points,$points,100,", '"Öz, Ada ""A""",second,not started,0,0,', '',
        ]), $answer->getContent());
    }

    private function table(): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/marks")->assertOk();
    }
}
