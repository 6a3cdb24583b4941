<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\HeldAnswers;
use App\Models\Attempt;
use App\Models\AttemptAction;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Str;

/** What takes long to work out is shown at points of a grid of time, and the job stands as before until then. */
final class HeldAnswerTest extends FeatureTestCase
{
    private const LONG = 3600.0;

    private Attempt $job;

    protected function setUp(): void
    {
        parent::setUp();
        config(['lernfall.held.seconds' => self::LONG]);
        $this->job = $this->attempt();
        $this->act($this->job, ['do' => 'ignition', 'to' => 'running'])->assertOk();
    }

    public function test_what_was_done_is_shown_from_the_next_point_of_the_grid(): void
    {
        config(['lernfall.held.seconds' => 0.25]);

        self::assertEqualsWithDelta(100.25, HeldAnswers::shownFrom(100.0, 100.01), 1e-9);
        self::assertEqualsWithDelta(100.5, HeldAnswers::shownFrom(100.0, 100.3), 1e-9);
        self::assertEqualsWithDelta(100.75, HeldAnswers::shownFrom(100.0, 100.7), 1e-9);
    }

    public function test_a_drive_is_accepted_at_once_and_answered_when_its_time_has_come(): void
    {
        $key = (string) Str::uuid();
        $this->act($this->job, ['do' => 'road-test'], 2, $key)->assertStatus(202)->assertExactJson(['heldMilliseconds' => 3600000])->assertHeader('Content-Length', '28');

        $answer = "/api/attempts/{$this->job->id}/actions/$key";
        $this->getJson($answer)->assertStatus(202);
        $this->getJson("/api/attempts/{$this->job->id}")->assertOk()->assertJsonCount(1, 'steps');
        self::assertSame(1, collect((array) $this->getJson('/api/jobs')->json())->firstWhere('attempt', $this->job->id)['steps'] ?? null);

        $this->timeComes();
        $this->getJson($answer)->assertOk()->assertJsonPath('step.number', 2)->assertJsonPath('step.observation.kind', 'driven');
        $this->getJson("/api/attempts/{$this->job->id}")->assertJsonCount(2, 'steps');
    }

    /** Sent again before its answer is shown, it is done once; another one in its place is told that the job has moved on. */
    public function test_it_is_done_once_however_often_it_is_sent(): void
    {
        [$first, $second] = [(string) Str::uuid(), (string) Str::uuid()];
        foreach ([$first, $first] as $key) {
            $this->act($this->job, ['do' => 'road-test'], 2, $key)->assertStatus(202);
        }
        AttemptAction::query()->where('number', 2)->delete(); // as it were not done yet: nobody can tell
        foreach (['road-test', 'look-at-lamps'] as $other) {
            $this->act($this->job, ['do' => $other], 2, $second)->assertStatus(409)->assertJsonCount(1, 'attempt.steps');
        }
        Cache::flush();
        $this->act($this->job, ['do' => 'road-test'], 2, $first)->assertStatus(202);
        Cache::flush();

        self::assertSame(1, $this->job->actions()->where('number', 2)->count());
        $this->timeComes();
        $this->act($this->job, ['do' => 'road-test'], 2, $first)->assertOk()->assertJsonPath('step.number', 2);
        $this->act($this->job, ['do' => 'road-test'], 2, $second)->assertStatus(409);
    }

    /** Nothing of when it was done is told by what may be done next. */
    public function test_nothing_comes_after_what_is_not_shown_yet(): void
    {
        $this->act($this->job, ['do' => 'road-test'], 2)->assertStatus(202);
        $this->act($this->job, ['do' => 'look-at-lamps'], 3)->assertStatus(409)->assertJsonCount(1, 'attempt.steps');
    }

    public function test_the_time_is_a_whole_number_of_steps_after_it_was_accepted(): void
    {
        config(['lernfall.held.seconds' => 0.25]);
        $before = microtime(true);
        $this->act($this->job, ['do' => 'road-test'], 2)->assertStatus(202);
        $after = microtime(true);

        $shown = AttemptAction::query()->where('number', 2)->firstOrFail()->shown_from;
        $steps = ($shown - $before) / 0.25;
        self::assertGreaterThan(1.0, $steps);
        self::assertLessThanOrEqual(($after - $before) / 0.25 + 1.0, $steps);
    }

    public function test_what_cannot_be_done_is_said_at_once(): void
    {
        $this->act($this->job, ['do' => 'road-test', 'route' => 'to the moon'], 2)->assertStatus(422);
        $this->act($this->job, ['do' => 'record-drive', 'route' => 'free', 'onCode' => false, 'stretches' => array_fill(0, 2, ['kilometresPerHour' => 50, 'ground' => 'straight', 'seconds' => 91])], 2)
            ->assertStatus(422)->assertJsonPath('message', 'The scan tool records 3 minutes of driving at most. Make the drive shorter, or drive without recording.');
    }

    private function timeComes(): void
    {
        AttemptAction::query()->whereNotNull('shown_from')->update(['shown_from' => 1.0]);
    }
}
