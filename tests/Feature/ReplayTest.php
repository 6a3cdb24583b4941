<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\AttemptAction;
use App\Models\AttemptCheck;
use App\Models\MarkSheetRecord;
use Illuminate\Support\Facades\Artisan;

/** What was shown and marked stays; what a later core would do otherwise is said. */
final class ReplayTest extends FeatureTestCase
{
    public function test_an_attempt_of_this_core_comes_out_the_same(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on']);
        $this->act($attempt, ['do' => 'read-codes']);
        $this->act($attempt, ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'battery.positive', 'second' => 'battery.negative']);
        $this->act($attempt, ['do' => 'conclude']);

        self::assertSame(0, Artisan::call('attempts:verify'));
        self::assertStringContainsString("attempt $attempt->id, 4 steps: the same", Artisan::output());
        self::assertSame(1, MarkSheetRecord::query()->count());
    }

    public function test_what_was_shown_otherwise_is_flagged_kept_and_can_be_finished(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on']);
        $this->act($attempt, ['do' => 'measure', 'function' => 'volts-dc', 'first' => 'battery.positive', 'second' => 'battery.negative']);
        $stored = AttemptAction::query()->where('number', 2)->firstOrFail();
        $observation = $stored->observation;
        $observation['values']['reading']['si'] = 9.9;
        $stored->update(['observation' => $observation, 'core_revision' => '1']);

        self::assertSame(1, Artisan::call('attempts:verify', ['attempt' => $attempt->id]));
        self::assertStringContainsString('steps 2 would show something else', Artisan::output());
        self::assertSame([2], AttemptCheck::query()->firstOrFail()->steps);
        self::assertSame(9.9, AttemptAction::query()->where('number', 2)->firstOrFail()->observation['values']['reading']['si']);
        $this->act($attempt->fresh(), ['do' => 'conclude'])->assertOk();
        $this->actingAs($this->instructor)->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts")->assertOk()->assertJsonPath('0.differs', true);
    }

    public function test_marks_that_would_come_out_otherwise_are_flagged_and_stay(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'conclude']);
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id/report")->assertOk();
        $record = MarkSheetRecord::query()->firstOrFail();
        $record->update(['sheet' => ['points' => 99.0] + $record->sheet]);

        self::assertSame(1, Artisan::call('attempts:verify'));
        self::assertSame(['points'], AttemptCheck::query()->firstOrFail()->marks);
        self::assertSame(0, Artisan::call('attempts:verify', ['--observations' => true]));
        self::assertEqualsWithDelta(99.0, MarkSheetRecord::query()->firstOrFail()->sheet['points'], 1e-9);
        self::assertSame(2, Artisan::call('attempts:verify', ['attempt' => 4711]));
    }
}
