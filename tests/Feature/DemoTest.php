<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\CaseDraft;
use App\Models\User;
use Database\Seeders\DatabaseSeeder;

/** What ships for the first look: every job can be started, every case opened, every report read. */
final class DemoTest extends FeatureTestCase
{
    protected function setUp(): void
    {
        parent::setUp();
        $this->seed(DatabaseSeeder::class);
    }

    public function test_every_case_is_published_as_it_stands_and_can_be_previewed(): void
    {
        $this->actingAs($this->someone('kessel'));
        self::assertSame(28, CaseDraft::query()->count());
        foreach (CaseDraft::query()->get() as $draft) {
            $this->getJson("/api/cases/$draft->id")->assertOk()->assertJsonPath('versions.0.number', 1);
            $rows = $this->postJson('/api/case-preview', $draft->document)->assertOk()->json('rows');
            $differing = array_filter($rows, static fn (array $row): bool => array_filter($row['cells'], static fn (array $cell): bool => $cell['differs']) !== []);
            self::assertSame($draft->document['faults'] === [], $differing === [], "what shows in case $draft->id");
        }
    }

    public function test_an_apprentice_can_start_every_job_and_is_told_no_case_name(): void
    {
        $this->actingAs($this->someone('dilan'));
        $jobs = $this->getJson('/api/jobs')->assertOk();
        self::assertCount(28, $jobs->json());
        $names = CaseDraft::query()->get()->map(static fn (CaseDraft $draft): string => $draft->document['name']);
        foreach (Assignment::query()->get() as $assignment) {
            $attempt = $this->postJson("/api/jobs/$assignment->id/attempt")->assertOk()->json('attempt');
            $shown = (string) $this->getJson("/api/attempts/$attempt")->assertOk()->getContent();
            foreach ($names as $name) {
                self::assertStringNotContainsString($name, $shown.$jobs->getContent());
            }
        }
    }

    public function test_the_two_finished_jobs_are_a_good_one_and_a_poor_one(): void
    {
        $points = [];
        foreach (['arlo', 'bente'] as $name) {
            $attempt = Attempt::query()->where('apprentice_id', $this->someone($name)->id)->firstOrFail();
            $report = $this->actingAs($this->someone($name))->getJson("/api/attempts/$attempt->id/report")->assertOk();
            $points[$name] = $report->json('marks.points');
            self::assertSame(100, $report->json('marks.outOf'));
        }

        self::assertEquals(100, $points['arlo']);
        self::assertLessThan(30, $points['bente']);
    }

    public function test_the_job_under_way_has_steps_and_no_report_yet(): void
    {
        $attempt = Attempt::query()->where('apprentice_id', $this->someone('cem')->id)->firstOrFail();

        self::assertGreaterThan(10, AttemptAction::query()->where('attempt_id', $attempt->id)->count());
        $this->actingAs($this->someone('cem'))->getJson("/api/attempts/$attempt->id/report")->assertStatus(403);
    }

    private function someone(string $signIn): User
    {
        return User::query()->where('sign_in', $signIn)->firstOrFail();
    }
}
