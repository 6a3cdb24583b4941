<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\JobFold;
use App\Documents\ContentLibrary;
use Illuminate\Support\Facades\DB;
use Lernfall\Bay\Contract\Step;
use Lernfall\Bay\Job\Job;
use Lernfall\Format\ObservationFormat;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Recorded\DrawnJob;

/** Jobs are taken up from the cars that were kept, and go on as if they had been worked out from the beginning. */
final class KeptStepsTest extends FeatureTestCase
{
    /** @return array<string, array{int}> */
    public static function jobs(): array
    {
        $jobs = [];
        foreach (range(1, 10) as $number) {
            $jobs["job $number"] = [$number];
        }

        return $jobs;
    }

    /** Every car, with a fault: each step is done on a job that was put away and taken out again. */
    #[DataProvider('jobs')]
    public function test_a_job_taken_up_from_what_was_kept_shows_the_same(int $number): void
    {
        $drawn = new DrawnJob($number);
        $simulator = $this->app->make(ContentLibrary::class)->simulator();
        $steps = $drawn->played()->steps;
        foreach (array_slice($steps, 1) as $step) {
            /** @var non-empty-list<Step> $kept */
            $kept = unserialize(serialize(array_slice($steps, 0, $step->number - 1)));
            $job = Job::after($drawn->case, "car $number", $kept)->do($step->action, $simulator);

            self::assertEquals(ObservationFormat::write($step->observation), ObservationFormat::write($job->lastStep()->observation ?? $step->observation), "step $step->number");
            self::assertEqualsWithDelta($step->cost->minutes, $job->lastStep()?->cost->minutes, 1e-9);
        }
    }

    /** Another case in another database may have an attempt of the same number, with the same keys. */
    public function test_a_car_kept_of_another_case_is_never_taken(): void
    {
        $keys = ['00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000002'];
        $shown = [];
        foreach ([['kind' => 'coil-open', 'channel' => 'FR'], ['kind' => 'gap-large', 'channel' => 'FL', 'strength' => 0.0016]] as $fault) {
            DB::table('attempt_actions')->delete();
            DB::table('attempts')->delete();
            DB::table('sqlite_sequence')->where('name', 'attempts')->delete();
            $attempt = $this->attempt($this->published($fault));
            self::assertSame(1, $attempt->id);
            $this->act($attempt, ['do' => 'ignition', 'to' => 'on'], 1, $keys[0])->assertOk();
            $shown[] = $this->act($attempt, ['do' => 'read-codes'], 2, $keys[1])->assertOk()->json('step.observation.values');
        }

        self::assertNotSame($shown[0], $shown[1]);
    }

    /** What was kept is used; where it is gone, broken or of another job, nothing is lost but time. */
    public function test_whatever_has_become_of_what_was_kept_the_job_goes_on(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'running'])->assertOk();
        $this->act($attempt, ['do' => 'road-test'])->assertOk();
        $this->act($attempt, ['do' => 'unplug', 'plug' => 'FR.sensor-plug'])->assertOk();
        $folder = config()->string('lernfall.kept_steps');
        self::assertFileExists("$folder/$attempt->id-3");
        self::assertFileDoesNotExist("$folder/$attempt->id-1");
        $attempt = $attempt->refresh()->load('actions');
        $fold = $this->app->make(JobFold::class);
        self::assertEquals($fold->of($attempt)->car->state, $fold->now($attempt)->car->state);
        self::assertEquals($fold->of($attempt)->steps, $fold->now($attempt)->steps);

        foreach (['', 'no car at all', (string) gzcompress(serialize(['of' => 'another', 'steps' => []]))] as $broken) {
            file_put_contents("$folder/$attempt->id-3", $broken);
            @unlink("$folder/$attempt->id-2");
            $this->getJson("/api/attempts/$attempt->id")->assertOk()->assertJsonPath('state.openPlugs', ['FR.sensor-plug']);
        }
        $this->act($attempt, ['do' => 'join', 'plug' => 'FR.sensor-plug'])->assertOk()->assertJsonPath('state.openPlugs', []);
    }

    public function test_nothing_is_kept_of_a_closed_job(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on'])->assertOk();
        $this->act($attempt, ['do' => 'look-at-lamps'])->assertOk();
        $folder = config()->string('lernfall.kept_steps');
        self::assertNotSame([], glob("$folder/$attempt->id-*"));

        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $this->getJson("/api/attempts/$attempt->id")->assertOk();
        self::assertSame([], glob("$folder/$attempt->id-*"));
    }
}
