<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CaseDraft;
use App\Models\CaseVersion;

/** An instructor's cases are kept in order, and nothing that was worked is lost by it. */
final class ShelfTest extends FeatureTestCase
{
    public function test_a_case_says_what_it_teaches_and_is_put_away(): void
    {
        $case = $this->published()->version->case_draft_id;
        $before = CaseDraft::query()->findOrFail($case)->updated_at;
        $this->travel(1)->minutes();
        $this->actingAs($this->instructor)->patchJson("/api/cases/$case", ['goals' => [' Reading codes ', 'Ohms at the plug']])->assertOk()->assertJsonPath('goals', ['Reading codes', 'Ohms at the plug'])->assertJsonPath('archived', false);
        $this->patchJson("/api/cases/$case", ['archived' => true])->assertOk()->assertJsonPath('goals', ['Reading codes', 'Ohms at the plug'])->assertJsonPath('archived', true);
        $this->patchJson("/api/cases/$case", ['goals' => []])->assertOk()->assertJsonPath('goals', [])->assertJsonPath('archived', true);
        $this->patchJson("/api/cases/$case", ['archived' => false])->assertOk()->assertJsonPath('archived', false);

        self::assertEquals($before, CaseDraft::query()->findOrFail($case)->updated_at, 'the case itself is as it was');
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonCount(1);
    }

    public function test_goals_are_words(): void
    {
        $case = $this->published()->version->case_draft_id;
        foreach ([['goals' => ['Codes', 'codes']], ['goals' => [' ']], ['goals' => [str_repeat('a', 41)]], ['goals' => 'codes'], ['goals' => [['codes']]]] as $sent) {
            self::assertSame('A goal is a few words of your own, each once.', array_values((array) $this->actingAs($this->instructor)->patchJson("/api/cases/$case", $sent)->assertStatus(422)->json('errors'))[0][0]);
        }
        $this->patchJson("/api/cases/$case", ['goals' => array_map(static fn (int $one): string => "goal $one", range(1, 9))])->assertStatus(422)->assertJsonPath('errors.goals.0', 'At most 8 goals.');
    }

    public function test_a_copy_is_a_case_of_its_own(): void
    {
        $case = $this->published()->version->case_draft_id;
        $this->actingAs($this->instructor)->patchJson("/api/cases/$case", ['goals' => ['Codes']])->assertOk();
        $copy = $this->postJson("/api/cases/$case/copy")->assertCreated()->assertJsonPath('goals', ['Codes'])->assertJsonPath('versions', [])->json();

        self::assertSame($this->document()['name'].' (copy)', $copy['document']['name']);
        self::assertSame(['name' => ''] + $this->document(), ['name' => ''] + $copy['document']);
        $this->getJson('/api/cases')->assertJsonCount(2);
    }

    public function test_what_was_never_worked_can_go_and_what_was_stays(): void
    {
        $attempt = $this->attempt($this->published());
        $this->actingAs($this->instructor)->deleteJson("/api/cases/{$attempt->version->case_draft_id}")->assertStatus(409)->assertJsonPath('message', 'Somebody has worked this case, so it stays. It can be put away.');
        $other = $this->published()->version->case_draft_id;
        $this->deleteJson("/api/cases/$other")->assertNoContent();

        $this->getJson("/api/cases/$other")->assertNotFound();
        self::assertSame([$attempt->case_version_id], CaseVersion::query()->pluck('id')->all());
    }

    public function test_how_difficult_a_case_is_stands_with_it_and_with_its_copies(): void
    {
        $draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document()]);
        $this->actingAs($this->instructor)->patchJson("/api/cases/$draft->id", ['difficulty' => 'hard'])->assertOk()->assertJsonPath('difficulty', 'hard')->assertJsonPath('archived', false);
        $this->postJson("/api/cases/$draft->id/copy")->assertJsonPath('difficulty', 'hard');
        $this->patchJson("/api/cases/$draft->id", ['difficulty' => 'terrible'])->assertJsonPath('errors.difficulty.0', 'Choose how difficult it is.');
    }
}
