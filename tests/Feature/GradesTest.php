<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\Publication;
use App\Attempts\Release;
use App\Attempts\ReleaseKind;
use App\Attempts\Terms;
use App\Models\Attempt;
use App\Models\CaseDraft;

/** Points become grades by the school's table; marked jobs are put together for whoever learns and whoever teaches. */
final class GradesTest extends FeatureTestCase
{
    public function test_points_become_grades_by_the_schools_table(): void
    {
        $attempt = $this->closed(null);
        $points = $this->marks()->assertJsonPath('people.0.marks.0.grade', null)->json('people.0.points');
        $this->putJson('/api/grades', ['steps' => [['from' => 0, 'grade' => 'low'], ['from' => $points, 'grade' => 'just'], ['from' => min(100, $points + 0.5), 'grade' => 'more']]])->assertOk()->assertJsonPath('steps.0.grade', 'more');
        $this->marks()->assertJsonPath('people.0.marks.0.grade', 'just')->assertJsonPath('people.0.grade', 'just');
        self::assertStringContainsString(',just', (string) $this->get("/api/groups/{$this->group()->id}/marks.csv")->getContent());
        $this->postJson("/api/attempts/$attempt->id/overrides", ['criterion' => 'safety', 'points' => 0, 'reason' => 'Seen with my own eyes.'])->assertSuccessful();
        $this->marks()->assertJsonPath('people.0.marks.0.grade', 'low');
    }

    public function test_a_table_without_a_lowest_grade_or_with_two_of_one_share_is_refused(): void
    {
        $set = fn (mixed $steps) => $this->actingAs($this->instructor)->putJson('/api/grades', ['steps' => $steps]);
        $set([['from' => 50, 'grade' => 'pass']])->assertJsonPath('errors.steps.0', 'The lowest grade begins at 0 percent, so that everybody has one.');
        $set([['from' => 0, 'grade' => 'a'], ['from' => 0, 'grade' => 'b']])->assertStatus(422);
        $set([['from' => 101, 'grade' => 'a']])->assertStatus(422);
        $set('none')->assertStatus(422);
        $set([])->assertOk()->assertExactJson(['steps' => []]);
    }

    public function test_progress_counts_what_is_open_for_the_apprentice_and_all_for_the_instructor(): void
    {
        $this->closed(null, ['First things', 'Plugs']);
        $this->closed(new Terms(Release::of(ReleaseKind::ByInstructor)), ['Plugs']);
        $mine = $this->actingAs($this->apprentice)->getJson('/api/account/progress')->assertOk()->assertJsonPath('jobs', 1)->assertJsonCount(2, 'goals');
        self::assertEqualsCanonicalizing(['First things', 'Plugs'], array_column($mine->json('goals'), 'name'));
        self::assertSame($mine->json('overTime.0.share'), $mine->json('goals.0.share'));
        self::assertContains('safety', array_column($mine->json('criteria'), 'name'));
        $all = $this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/progress")->assertOk()->assertJsonPath('jobs', 2);
        self::assertSame(2, collect($all->json('goals'))->firstWhere('name', 'Plugs')['jobs']);
        $stages = collect($all->json('stages'));
        self::assertSame(['complaint', 'verify', 'codes', 'look', 'measure', 'repair', 'prove'], $stages->pluck('stage')->all());
        self::assertSame(0.0, (float) $stages->firstWhere('stage', 'measure')['lost']);
        $shares = array_column($all->json('criteria'), 'share');
        $sorted = $shares;
        sort($sorted);
        self::assertSame($sorted, $shares);
    }

    public function test_minutes_and_lost_points_are_told_by_stage_of_work(): void
    {
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document()]);
        $attempt = $this->attempt($this->app->make(Publication::class)->of($draft, [$this->group()->id]));
        foreach ([['do' => 'look-at-lamps'], ['do' => 'look', 'channel' => 'FR', 'at' => 'ring'], ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'RL'], ['do' => 'conclude']] as $action) {
            $this->act($attempt, $action)->assertOk();
        }
        $lost = array_filter($attempt->refresh()->markSheet->sheet['marks'] ?? [], static fn (array $one): bool => $one['step'] === 3);
        $stages = collect($this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/progress")->assertOk()->json('stages'))->keyBy('stage');
        foreach (['verify' => 1, 'look' => 2, 'repair' => 3, 'prove' => 4] as $stage => $number) {
            self::assertEqualsWithDelta($attempt->actions()->where('number', $number)->sole()->minutes, $stages[$stage]['minutes'], 0.05);
        }
        self::assertNotSame([], $lost);
        self::assertEqualsWithDelta(array_sum(array_map(static fn (array $one): float => $one['outOf'] - $one['points'], $lost)), $stages['repair']['lost'], 0.01);
    }

    /** @return \Illuminate\Testing\TestResponse<\Symfony\Component\HttpFoundation\Response> */
    private function marks(): \Illuminate\Testing\TestResponse
    {
        return $this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/marks")->assertOk();
    }

    /** @param  list<string>  $goals */
    private function closed(?Terms $terms, array $goals = []): Attempt
    {
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document(), 'goals' => $goals]);
        $attempt = $this->attempt($this->app->make(Publication::class)->of($draft, [$this->group()->id], $terms));
        $this->act($attempt, ['do' => 'conclude'])->assertOk();

        return $attempt->refresh();
    }
}
