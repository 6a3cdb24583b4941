<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\AwaitedMarks;
use App\Attempts\MarkingState;
use App\Attempts\Marks;
use App\Attempts\SensiblePath;
use App\Jobs\MarkAttempt;
use App\Jobs\WorkOutPath;
use App\Models\Attempt;
use App\Work\Workers;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Lernfall\Revision;
use Tests\Support\Workbench;

/** Marks are kept with what they rest on. */
final class MarksTest extends FeatureTestCase
{
    public function test_a_mark_is_kept_with_rule_entry_display_and_what_else_was_open(): void
    {
        $attempt = $this->attempt();
        foreach (Workbench::json('examples/coil-open.script.json')['actions'] as $action) {
            $this->act($attempt, $action)->assertOk();
        }
        $record = app(Marks::class)->workOut($attempt->refresh()->load('actions'));
        $marks = array_column($record->sheet['marks'], null, 'criterion');

        self::assertSame('A written reading tells the repaired part from the rest.', $marks['reading']['rule']);
        self::assertSame('write-reading', $marks['reading']['entry']['do']);
        self::assertSame($attempt->actions[$marks['reading']['entry']['of'] - 1]->observation['values']['reading'], $marks['reading']['shown']);
        self::assertNull($marks['codes']['entry']);
        self::assertSame($record->sheet['repairs'][0]['rivals'], $marks['reasoning']['rivals']);
        self::assertSame(['case' => 1, 'caseSha256' => $attempt->version->sha256, 'core' => Revision::CURRENT], array_diff_key($record->sheet['versions'], ['policySha256' => '']));
    }

    /** No page works anything out, however many are open: one worker does it once, and the page has it at the next look. */
    public function test_a_report_waits_for_nothing_and_has_marks_and_path_once_a_worker_has_worked_them_out(): void
    {
        $queue = Queue::fake();
        $attempt = $this->worked();
        $report = fn (): TestResponse => $this->actingAs($attempt->apprentice)->getJson("/api/attempts/$attempt->id/report")->assertOk();

        $report()->assertJsonPath('marks', null)->assertJsonPath('marking.state', 'waiting')->assertJsonPath('marking.before', 0)->assertJsonPath('sensible', null);
        $report();
        Bus::assertNotDispatched(WorkOutPath::class);
        $asked = $queue->pushed(MarkAttempt::class);
        self::assertCount(1, $asked, 'asked for once, however often the report is opened');
        $this->app->call([$asked[0], 'handle']);

        $report()->assertJsonPath('marks.outOf', 100)->assertJsonPath('marking.state', 'marked')->assertJsonPath('sensible', null);
        $report();
        $paths = Bus::dispatched(WorkOutPath::class)->all();
        self::assertCount(1, $paths);
        $paths[0]->handle(app(SensiblePath::class));
        $report()->assertJsonPath('sensible.remedy', 'replace-sensor@FR');
    }

    public function test_a_job_is_marked_once_whoever_is_at_it(): void
    {
        Queue::fake();
        $attempt = $this->worked();
        $one = new AwaitedMarks($this->workers('one'));
        $other = new AwaitedMarks($this->workers('other'));

        self::assertTrue($one->claim($attempt));
        self::assertFalse($other->claim($attempt));
        self::assertSame(MarkingState::UnderWay, $other->state($attempt));
        unset($one);
        gc_collect_cycles();
        self::assertSame(MarkingState::Waiting, $other->state($attempt), 'whoever was at it is gone');
        self::assertTrue($other->claim($attempt));
    }

    public function test_one_row_that_cannot_be_marked_breaks_no_list(): void
    {
        Queue::fake();
        $failed = $this->worked();
        (new MarkAttempt($failed->id))->failed();
        $this->actingAs($this->instructor)->getJson("/api/cases/{$failed->version->case_draft_id}/attempts")->assertOk()
            ->assertJsonPath('0.marking.state', 'failed')->assertJsonPath('0.points', null)->assertJsonPath('0.marking.hasWorker', true);
        $this->postJson("/api/attempts/$failed->id/overrides", ['criterion' => 'safety', 'points' => 1, 'reason' => 'Seen with my own eyes.'])->assertStatus(409);

        $this->travel(11)->minutes();
        $this->getJson("/api/attempts/$failed->id/report")->assertOk()->assertJsonPath('marking.state', 'waiting');
    }

    public function test_a_page_says_where_nothing_works_on_what_waits(): void
    {
        Queue::fake();
        $attempt = $this->worked();
        config(['queue.default' => 'database']);

        $this->actingAs($attempt->apprentice)->getJson("/api/attempts/$attempt->id/report")->assertOk()->assertJsonPath('marking.hasWorker', false);
    }

    private function worked(): Attempt
    {
        $attempt = $this->attempt();
        foreach (Workbench::json('examples/coil-open.script.json')['actions'] as $action) {
            $this->act($attempt, $action)->assertOk();
        }

        return $attempt->refresh();
    }

    private function workers(string $name): Workers
    {
        $workers = new Workers(config()->string('lernfall.workers'));
        $workers->join();
        self::assertTrue($workers->areThere(), $name);

        return $workers;
    }
}
