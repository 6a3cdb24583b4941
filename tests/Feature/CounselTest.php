<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\BeliefTracker;
use App\Attempts\Counselling;
use App\Attempts\Marks;
use App\Documents\JsonFile;
use App\Jobs\AnswerCounsel;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\Belief;
use App\Models\Counsel;
use App\Models\Group;
use App\Models\Role;
use Illuminate\Support\Facades\Queue;

/** In practice advice may be asked, at a cost; in any other job it is refused and nothing is told. */
final class CounselTest extends FeatureTestCase
{
    public function test_it_is_answered_in_practice_and_charged_once_for_each_step(): void
    {
        $attempt = $this->practising();
        $answer = $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'next'])->assertOk();
        self::assertGreaterThan(3, $answer->json('open'));
        self::assertNull($answer->json('repair'), 'a code names a circuit');
        self::assertNotEmpty($answer->json('tests'));
        self::assertSame($answer->json(), $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'next'])->assertOk()->json());
        self::assertSame(1, Counsel::query()->count());

        $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'possible'])->assertOk()->assertJsonPath('tests', []);
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'possible'])->assertForbidden();
        $sheet = app(Marks::class)->workOut($attempt->refresh())->sheet;
        self::assertSame(['next', 'possible'], array_column($sheet['counsel'], 'about'));
        self::assertEqualsWithDelta(max(0.0, array_sum(array_column($sheet['marks'], 'points')) - 5.0), $sheet['points'], 1e-9);
    }

    /** No request works it out: it is asked, and come back for. */
    public function test_a_worker_answers_what_is_asked_once_however_often_it_is_come_back_for(): void
    {
        $attempt = $this->practising();
        Queue::fake();
        config(['queue.default' => 'database']);
        foreach (range(1, 3) as $time) {
            $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'next'])->assertStatus(202)->assertExactJson(['hasWorker' => false]);
        }
        Queue::assertPushedTimes(AnswerCounsel::class, 1);
        $counsel = Counsel::query()->sole();
        $job = new AnswerCounsel($counsel->id);

        $job->failed();
        $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'next'])->assertStatus(500)->assertExactJson(['message' => 'This could not be worked out. Ask again, or go on without.']);
        $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'next'])->assertStatus(202);
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk(); // what is shown afterwards is another question
        $job->handle(app(Counselling::class));
        self::assertSame(2, $counsel->refresh()->after_step);
        $evidence = app(BeliefTracker::class);
        self::assertNull($evidence->believed($attempt, 2));
        self::assertGreaterThan(3, $counsel->answer['open'] ?? 0);
        $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'next'])->assertStatus(202);
        self::assertSame(2, Counsel::query()->count());
    }

    public function test_what_the_worker_followed_is_used_and_says_the_same(): void
    {
        $attempt = $this->practising();
        $alone = $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'next'])->assertOk()->json();
        Counsel::query()->delete();
        app(BeliefTracker::class)->follow($attempt);
        self::assertNotNull(app(BeliefTracker::class)->believed($attempt, 2));

        self::assertSame($alone, $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'next'])->assertOk()->json());
    }

    /** Marks know the truth; counsel does not: before anything was shown, cases of one car have one answer. */
    public function test_before_anything_was_shown_every_case_of_a_car_is_counselled_alike(): void
    {
        $answers = [];
        foreach ([['strength' => 0.3], ['strength' => 0.45], ['strength' => 0.3, 'provokedBy' => 'steering-left']] as $more) {
            $assignment = $this->published(['kind' => 'coil-shorted', 'channel' => 'FR', ...$more], more: ['practice' => true]);
            $attempt = $this->attempt($assignment);
            foreach (['possible', 'next'] as $about) {
                $answers[$about][] = $this->actingAs($this->apprentice)->postJson("/api/attempts/$attempt->id/counsel", ['about' => $about])->assertOk()->getContent();
            }
        }
        $two = $this->published(more: ['practice' => true]);
        $two->version->update(['document' => json_encode([...$two->version->decoded(), 'faults' => [['kind' => 'coil-open', 'channel' => 'FR'], ['kind' => 'coil-open', 'channel' => 'RL']]])]);
        $answers['possible'][] = $this->actingAs($this->apprentice)->postJson("/api/attempts/{$this->attempt($two)->id}/counsel", ['about' => 'possible'])->assertOk()->getContent();

        self::assertCount(1, array_unique($answers['possible']));
        self::assertCount(1, array_unique($answers['next']));
    }

    public function test_what_was_followed_beside_the_answers_is_told_as_if_worked_out_now(): void
    {
        $attempt = $this->practising();
        $worked = $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'possible'])->assertOk()->json();
        app(BeliefTracker::class)->follow($attempt);
        self::assertSame($worked, $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'possible'])->assertOk()->json());

        Belief::query()->update(['open' => 99]);
        self::assertSame(99, $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'possible'])->json('open'), 'it is what is kept');
        Belief::query()->update(['core_revision' => 'older']);
        self::assertSame($worked, $this->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'possible'])->json(), 'what an older core believed is not told');
    }

    public function test_the_instructor_sees_the_marks_of_several_who_practised(): void
    {
        $assignment = $this->published();
        foreach (['learner two', 'learner three'] as $name) {
            $this->apprentice = $this->person(Group::query()->firstOrFail(), $name, Role::Apprentice);
            $attempt = $this->attempt($assignment);
            $this->act($attempt, ['do' => 'conclude'])->assertOk();
        }

        $this->actingAs($this->instructor)->getJson("/api/cases/{$assignment->version->case_draft_id}/attempts")->assertOk()->assertJsonCount(2);
    }

    public function test_it_is_refused_where_nobody_practises_and_for_questions_nobody_knows(): void
    {
        $attempt = $this->attempt();
        $this->actingAs($this->apprentice)->postJson("/api/attempts/$attempt->id/counsel", ['about' => 'possible'])->assertForbidden()->assertExactJson(['message' => 'In this job no advice is given.']);
        self::assertSame(0, Counsel::query()->count());
        self::assertNull($this->getJson("/api/attempts/$attempt->id")->assertOk()->json('counselPoints'));
        $this->postJson("/api/attempts/{$this->practising()->id}/counsel", ['about' => 'everything'])->assertStatus(422)->assertJsonValidationErrors('about');
    }

    public function test_where_the_rules_ask_for_a_reading_it_comes_before_the_repair(): void
    {
        $cellist = JsonFile::read(database_path('seeders/demo/cellist.case.json'));
        assert(is_array($cellist['faults']));
        $chafed = function (array $more) use ($cellist): Attempt {
            $attempt = $this->practising($this->published($cellist['faults'][0], 'harl-13', ['knowledge' => $cellist['knowledge'], ...$more]));
            $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();

            return $attempt->refresh();
        };
        $repair = $this->postJson("/api/attempts/{$chafed([])->id}/counsel", ['about' => 'next'])->assertOk();
        self::assertSame('repair-loom@FR', $repair->json('repair'), 'by the arithmetic alone');
        self::assertNull($repair->json('reading'));

        $this->apprentice = $this->person(Group::query()->firstOrFail(), 'learner two', Role::Apprentice);
        $demanding = $this->postJson("/api/attempts/{$chafed(['policy' => 'examination'])->id}/counsel", ['about' => 'next'])->assertOk();
        self::assertNull($demanding->json('repair'));
        self::assertSame('FR', $demanding->json('reading.place'));
    }

    private function practising(?Assignment $assignment = null): Attempt
    {
        $attempt = $this->attempt($assignment);
        $attempt->version->update(['document' => json_encode([...$attempt->version->decoded(), 'practice' => true])]);
        $this->actingAs($this->apprentice);
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on'])->assertOk();
        $this->act($attempt, ['do' => 'read-codes'])->assertOk();

        return $attempt->refresh()->load('actions');
    }
}
