<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\BeliefTracker;
use App\Attempts\FollowedJobs;
use App\Jobs\FollowAttempt;
use App\Jobs\MarkAttempt;
use App\Models\Attempt;
use App\Models\Belief;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Queue;
use Illuminate\Support\Str;

/** What is still possible is kept beside the answers, step by step, for the instructor. */
final class BeliefTrackerTest extends FeatureTestCase
{
    private const STEPS = [
        ['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'ignition', 'to' => 'off'], ['do' => 'unplug', 'plug' => 'FR.sensor-plug'],
        ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'],
    ];

    public function test_a_step_narrows_it_and_the_instructor_sees_how_far(): void
    {
        $attempt = $this->attempt();
        $tracker = $this->app->make(BeliefTracker::class);
        foreach (self::STEPS as $step) {
            $this->act($attempt, $step)->assertOk();
            $tracker->follow($attempt->fresh() ?? $attempt);
        }
        $open = Belief::query()->orderBy('step')->pluck('open')->all();
        self::assertCount(5, $open);
        self::assertGreaterThan($open[1], $open[0], 'codes narrow it');
        self::assertSame(1, $open[4], 'an open coil is found');

        $this->actingAs($this->instructor)->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts")->assertOk()
            ->assertJsonPath('0.possible.step', 5)->assertJsonPath('0.possible.open', 1)->assertJsonPath('0.possible.foremost.0.faults.0', ['kind' => 'coil-open', 'channel' => 'FR']);
    }

    /** A worker that remembers comes to the same as one that starts anew, also where steps come faster than it follows. */
    public function test_whoever_follows_late_or_anew_finds_the_same(): void
    {
        $attempt = $this->attempt();
        $remembering = $this->app->make(BeliefTracker::class);
        foreach (self::STEPS as $number => $step) {
            $this->act($attempt, $step)->assertOk();
            $number === 2 ?: $remembering->follow($attempt->fresh() ?? $attempt);
        }
        $kept = $this->kept($attempt);
        $this->app->forgetInstance(BeliefTracker::class);
        $this->app->make(BeliefTracker::class)->follow($attempt->fresh() ?? $attempt);

        self::assertSame($kept, $this->kept($attempt));
        self::assertSame([1, 2, 4, 5], Belief::query()->orderBy('step')->pluck('step')->all());
    }

    /** More jobs than fit into memory: the oldest wait on disk, and go on from there. */
    public function test_a_job_put_away_goes_on_where_it_stood(): void
    {
        $folder = sys_get_temp_dir().'/followed-'.Str::uuid(); // nobody else's
        $this->app->when(FollowedJobs::class)->needs('$folder')->give($folder);
        $tracker = $this->app->make(BeliefTracker::class);
        $attempts = array_map(fn (): Attempt => $this->attempt($this->published()), range(1, 5));
        foreach ($attempts as $attempt) {
            foreach (array_slice(self::STEPS, 0, 3) as $step) {
                $this->act($attempt, $step)->assertOk();
            }
            $tracker->follow($attempt->fresh() ?? $attempt);
        }
        self::assertFileExists("$folder/{$attempts[0]->id}");
        foreach (array_slice(self::STEPS, 3) as $step) {
            $this->act($attempts[0], $step)->assertOk();
            $tracker->follow($attempts[0]->fresh() ?? $attempts[0]);
        }
        $kept = $this->kept($attempts[0]);
        $tracker->forget($attempts[0]);
        self::assertFileDoesNotExist("$folder/{$attempts[0]->id}");
        $this->app->make(BeliefTracker::class)->follow($attempts[0]->fresh() ?? $attempts[0]);

        self::assertSame($kept, $this->kept($attempts[0]));
        (new Filesystem)->deleteDirectory($folder);
    }

    public function test_an_answer_waits_for_none_of_it(): void
    {
        Queue::fake();
        $attempt = $this->attempt();
        $this->act($attempt, self::STEPS[0])->assertOk();
        Queue::assertNotPushed(FollowAttempt::class);

        config(['queue.default' => 'database']);
        $this->act($attempt, self::STEPS[1])->assertOk();
        Queue::assertPushed(FollowAttempt::class, 1);
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        Queue::assertPushed(MarkAttempt::class, 1);
    }

    /** @return array{int, mixed} */
    private function kept(Attempt $attempt): array
    {
        $belief = Belief::query()->where('attempt_id', $attempt->id)->orderByDesc('step')->firstOrFail();

        return [$belief->open, $belief->foremost];
    }
}
