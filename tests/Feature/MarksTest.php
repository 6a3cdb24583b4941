<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\Marks;
use App\Attempts\SensiblePath;
use App\Jobs\WorkOutPath;
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
        $record = app(Marks::class)->of($attempt->refresh()->load('actions'));
        $marks = array_column($record->sheet['marks'], null, 'criterion');

        self::assertSame('A written reading tells the repaired part from the rest.', $marks['reading']['rule']);
        self::assertSame('write-reading', $marks['reading']['entry']['do']);
        self::assertSame($attempt->actions[$marks['reading']['entry']['of'] - 1]->observation['values']['reading'], $marks['reading']['shown']);
        self::assertNull($marks['codes']['entry']);
        self::assertSame($record->sheet['repairs'][0]['rivals'], $marks['reasoning']['rivals']);
        self::assertSame(['case' => 1, 'caseSha256' => $attempt->version->sha256, 'core' => Revision::CURRENT], array_diff_key($record->sheet['versions'], ['policySha256' => '']));
    }

    public function test_a_report_does_not_wait_for_the_sensible_path_and_has_it_once_a_worker_has_worked_it_out(): void
    {
        $queue = Queue::fake();
        $attempt = $this->attempt();
        foreach (Workbench::json('examples/coil-open.script.json')['actions'] as $action) {
            $this->act($attempt, $action)->assertOk();
        }
        $report = fn (): TestResponse => $this->actingAs($attempt->apprentice)->getJson("/api/attempts/$attempt->id/report")->assertOk();

        $report()->assertJsonPath('sensible', null)->assertJsonPath('marks.outOf', 100);
        $report()->assertJsonPath('sensible', null);
        $asked = $queue->pushed(WorkOutPath::class);
        self::assertCount(1, $asked, 'asked for once, however often the report is opened');

        $asked[0]->handle(app(SensiblePath::class));
        $report()->assertJsonPath('sensible.remedy', 'replace-sensor@FR');
    }
}
