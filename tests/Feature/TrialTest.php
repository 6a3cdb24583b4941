<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;

/** An instructor works the own case as an apprentice would; it is marked, and in nobody's list. */
final class TrialTest extends FeatureTestCase
{
    public function test_a_case_is_tried_by_its_author_and_counts_nowhere(): void
    {
        $case = $this->actingAs($this->instructor)->postJson('/api/cases', array_diff_key($this->document(), ['format' => 1]))->assertCreated()->json('id');
        $attempt = $this->postJson("/api/cases/$case/trial")->assertCreated()->json('attempt');
        $this->getJson("/api/attempts/$attempt")->assertOk()->assertJsonPath('trialOf', $case);
        $this->apprentice = $this->instructor; // who acts from here on
        $this->act(Attempt::query()->findOrFail($attempt), ['do' => 'conclude'])->assertOk();

        $this->getJson("/api/attempts/$attempt/report")->assertOk()->assertJsonPath('marks.outOf', 100)->assertJsonPath('cause.0.station', 'sensor')->assertJsonPath('release.isOpen', true);
        $this->getJson("/api/cases/$case/attempts")->assertExactJson([]);
        $this->getJson("/api/groups/{$this->group()->id}/marks")->assertJsonPath('cases', [])->assertJsonPath('people.*.name', ['Learner']);
        $this->getJson("/api/cases/$case")->assertJsonPath('versions', [])->assertJsonPath('assignments', []);
        self::assertNotSame($attempt, $this->postJson("/api/cases/$case/trial")->assertCreated()->json('attempt'));
        $this->postJson("/api/cases/$case/versions", ['variation' => 'same'])->assertCreated()->assertJsonPath('versions.*.number', [1]);
    }

    public function test_nobody_else_reads_or_works_it(): void
    {
        $case = $this->published()->version->case_draft_id;
        $attempt = $this->actingAs($this->instructor)->postJson("/api/cases/$case/trial")->assertCreated()->json('attempt');

        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt")->assertForbidden();
        $this->getJson("/api/attempts/$attempt/report")->assertForbidden();
    }
}
