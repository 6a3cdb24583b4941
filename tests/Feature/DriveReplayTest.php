<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\FollowAttempt;
use App\Jobs\MarkAttempt;
use Illuminate\Support\Facades\Bus;

/** A drive of a job with everything there is of it, once the report may be read. */
final class DriveReplayTest extends FeatureTestCase
{
    private const STOP = ['do' => 'stop-on-closed-ground', 'footing' => 'dry', 'kilometresPerHour' => 40, 'hard' => true];

    public function test_a_drive_is_replayed_as_it_was_told(): void
    {
        Bus::fake([FollowAttempt::class, MarkAttempt::class]);
        $attempt = $this->attempt($this->published(more: ['practice' => true, 'faults' => [['kind' => 'outlet-stuck-shut', 'channel' => 'FL']]]));
        $this->act($attempt, ['do' => 'ignition', 'to' => 'running'])->assertOk();
        $told = $this->act($attempt, self::STOP)->assertOk()->json('step.observation.values');
        $this->act($attempt, ['do' => 'pull-away', 'footing' => 'ice-left'])->assertOk();
        $recorded = $this->act($attempt, ['do' => 'record-stop', ...array_diff_key(self::STOP, ['do' => 0])])->assertOk()->json('step.observation.values');

        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id/drives/2")->assertForbidden();
        $seen = $this->actingAs($this->instructor)->getJson("/api/attempts/$attempt->id/drives/2")->assertOk()->json();
        self::assertSame('wheel-leaves-mark', $told['mark.FL']);
        self::assertEquals($told, $seen['told']);
        self::assertGreaterThan(0.5, $seen['secondsPerSample'] * count(array_filter($seen['wheels'][0]['speed'], static fn (float $speed): bool => $speed < 0.01)), 'it stands for most of the stop');
        $this->getJson("/api/attempts/$attempt->id/drives/1")->assertNotFound();
        $this->getJson("/api/attempts/$attempt->id/drives/9")->assertNotFound();
        $this->getJson("/api/attempts/$attempt->id/drives/3")->assertOk()->assertJsonPath('aside', []);
        $replayed = $this->getJson("/api/attempts/$attempt->id/drives/4")->assertOk()->json();
        self::assertEqualsWithDelta(count($seen['speed']), count($replayed['speed']), 0.1 * count($seen['speed']), 'the same car in the same stop, its rings standing otherwise');
        $every = (int) round($recorded['reference']['secondsPerSample'] / $replayed['secondsPerSample']);
        foreach ($recorded['reference']['steps'] as $sample => $steps) {
            self::assertEqualsWithDelta($steps * $recorded['reference']['resolution'], $replayed['reference'][$sample * $every], 0.6 * $recorded['reference']['resolution'], "what was recorded is what is replayed, sample $sample");
        }

        $this->actingAs($this->apprentice);
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->getJson("/api/attempts/$attempt->id/drives/2")->assertOk();
    }
}
