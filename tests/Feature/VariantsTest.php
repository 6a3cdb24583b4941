<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\Variants;
use App\Jobs\PrepareVariants;
use App\Models\Assignment;
use App\Models\Attempt;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use App\Models\Role;
use App\Models\User;
use Illuminate\Queue\Events\WorkerStarting;
use Illuminate\Queue\WorkerOptions;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Facades\Event;

/** Neighbours get different cars of one case; each is worked by a worker before anybody begins. */
final class VariantsTest extends FeatureTestCase
{
    private const COMPLAINT = 'Since the car wash the lamps are on. I hear something at the {corner}.';

    private CaseDraft $draft;

    protected function setUp(): void
    {
        parent::setUp();
        $this->draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => [...$this->document(), 'jobTitle' => 'A job on the {axle} axle', 'complaint' => self::COMPLAINT]]);
    }

    public function test_an_examination_is_prepared_first_and_each_gets_another_car(): void
    {
        $job = $this->given();
        Bus::assertDispatchedTimes(PrepareVariants::class, 1);
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonPath('0.isPrepared', false)->assertJsonPath('0.canBegin', false)
            ->assertJsonPath('0.jobTitle', 'A job on the … axle')->assertJsonPath('0.complaint', 'Since the car wash the lamps are on. I hear something at the ….');
        $this->postJson("/api/jobs/$job->id/attempt")->assertStatus(409)->assertJsonPath('message', 'The cars for this job are being made ready. Look again in a few minutes.');

        $this->prepared($job);
        $this->actingAs($this->instructor)->getJson("/api/cases/{$this->draft->id}")->assertJsonPath('assignments.0.preparation.done', true)->assertJsonPath('assignments.0.preparation.found', 3)->assertJsonCount(1, 'versions');
        $corners = [];
        foreach ([$this->apprentice, ...array_map(fn (string $name): User => $this->person($this->group(), $name, Role::Apprentice), ['second', 'third', 'fourth', 'fifth'])] as $person) {
            $attempt = $this->actingAs($person)->postJson("/api/jobs/$job->id/attempt")->assertOk()->json('attempt');
            $version = Attempt::query()->findOrFail($attempt)->version;
            $corners[] = $corner = $version->decoded()['faults'][0]['channel'];
            $said = ['FR' => 'front right', 'FL' => 'front left', 'RR' => 'rear right', 'RL' => 'rear left'][$corner];
            $this->getJson("/api/attempts/$attempt")->assertJsonPath('complaint', "Since the car wash the lamps are on. I hear something at the $said.")->assertJsonPath('jobTitle', 'A job on the '.explode(' ', $said)[0].' axle');
        }
        self::assertSame(['FL', 'FR', 'RL', 'RR'], $this->sorted(array_slice($corners, 0, 4)));
        self::assertSame($corners[0], $corners[4]);

        $rows = $this->actingAs($this->instructor)->getJson("/api/cases/{$this->draft->id}/attempts")->assertOk();
        self::assertEqualsCanonicalizing(['as-composed', 'opposite', 'other-axle', 'crosswise', 'as-composed'], array_column(array_column((array) $rows->json(), 'variant'), 'relation'));
        $this->deleteJson("/api/cases/{$this->draft->id}")->assertStatus(409);
    }

    public function test_a_newer_version_has_variants_of_its_own_and_another_try_another_car(): void
    {
        $this->draft->update(['document' => [...$this->draft->document, 'practice' => true]]);
        $job = $this->given(['variation' => 'kind', 'tries' => 3]);
        $this->prepared($job);
        $first = $this->begun($job);
        $this->act($first, ['do' => 'conclude'])->assertOk();
        $second = $this->begun($job);
        self::assertNotSame($first->version->decoded()['faults'], $second->version->decoded()['faults']);
        $rows = array_column((array) $this->actingAs($this->instructor)->getJson("/api/cases/{$this->draft->id}/attempts")->json(), 'secondTry', 'id');
        self::assertFalse($rows[$second->id]); // its cause was never shown

        $this->act($second, ['do' => 'conclude'])->assertOk();
        $this->draft->update(['document' => [...$this->draft->document, 'complaint' => 'Another complaint.']]);
        $this->actingAs($this->instructor)->postJson("/api/cases/{$this->draft->id}/versions", ['variation' => 'kind', 'tries' => 3])->assertCreated()
            ->assertJsonPath('assignments.0.version', 2)->assertJsonPath('assignments.0.preparation.done', false);
        $this->prepared($job);
        $third = $this->begun($job);
        self::assertSame('Another complaint.', $third->version->decoded()['complaint']);
        self::assertSame(6, CaseVersion::query()->where('variant', '>', 0)->count());
        self::assertSame($second->version->document, $second->version->refresh()->document); // who has one keeps it

        $this->actingAs($this->instructor)->postJson("/api/cases/{$this->draft->id}/versions", ['variation' => 'other', 'tries' => 3])->assertCreated()->assertJsonPath('assignments.0.preparation.done', false);
    }

    /** Whoever compares what two neighbours were told finds nothing of which car each has. */
    public function test_neighbours_are_told_the_same_bytes(): void
    {
        $this->draft->update(['document' => [...$this->draft->document, 'complaint' => 'Lamps.', 'jobTitle' => 'A job']]);
        $job = $this->given();
        $this->prepared($job);
        $told = [];
        foreach ([$this->apprentice, $this->person($this->group(), 'second', Role::Apprentice)] as $person) {
            $attempt = $this->actingAs($person)->postJson("/api/jobs/$job->id/attempt")->assertOk()->json('attempt');
            $shown = (array) $this->getJson("/api/attempts/$attempt")->assertOk()->json();
            $row = (array) $this->getJson('/api/jobs')->json('0');
            $told[] = hash('sha256', (string) json_encode([array_diff_key($shown, ['id' => 0]), array_diff_key($row, ['attempt' => 0])]));
        }
        self::assertSame($told[0], $told[1]);
        self::assertSame([0, 1], Attempt::query()->with('version')->get()->map(static fn (Attempt $one): int => $one->version->variant)->all());
    }

    public function test_words_that_name_a_place_keep_the_fault_there_and_that_is_told(): void
    {
        $this->draft->update(['document' => [...$this->draft->document, 'complaint' => 'Something is wrong at the front right wheel.']]);
        $job = $this->given();
        $this->prepared($job);

        $this->actingAs($this->instructor)->getJson("/api/cases/{$this->draft->id}")->assertJsonPath('assignments.0.preparation', ['done' => true, 'tried' => 0, 'of' => 0, 'found' => 0, 'hasWorker' => true, 'against' => []]);
        self::assertSame(0, $this->begun($job)->version->variant);
    }

    public function test_work_goes_on_a_little_at_a_time(): void
    {
        $job = $this->given();
        for ($round = 1; $this->app->make(Variants::class)->areAwaited($job->refresh()); $round++) {
            $this->app->make(Variants::class)->prepare($job, 1e-6);
            self::assertLessThanOrEqual($round, $this->app->make(Variants::class)->preparation($job)['tried']);
        }

        self::assertSame([1, 2, 3], CaseVersion::query()->where('variant_for', $job->id)->orderBy('variant')->pluck('variant')->all());
        $this->actingAs($this->instructor)->deleteJson("/api/cases/{$this->draft->id}")->assertNoContent();
        self::assertSame(0, CaseVersion::query()->count());
    }

    public function test_where_any_fault_may_be_the_cause_no_place_is_told(): void
    {
        $attempt = $this->attempt($this->given(['variation' => 'other']));
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id")->assertJsonPath('jobTitle', 'A job on the … axle')->assertJsonPath('complaint', 'Since the car wash the lamps are on. I hear something at the ….');
        $this->getJson('/api/jobs')->assertJsonPath('0.jobTitle', 'A job on the … axle');
    }

    public function test_what_was_lost_on_the_way_is_asked_for_again_and_what_fails_keeps_nobody_waiting(): void
    {
        $job = $this->given();
        $this->travel(2)->minutes();
        Event::dispatch(new WorkerStarting('database', 'beside', new WorkerOptions));
        Bus::assertDispatchedTimes(PrepareVariants::class, 2);
        (new PrepareVariants($job->id))->failed();

        $this->actingAs($this->instructor)->getJson("/api/cases/{$this->draft->id}")->assertJsonPath('assignments.0.preparation.done', true)->assertJsonPath('assignments.0.preparation.against.0.why', 'failed');
        self::assertSame(0, $this->begun($job)->version->variant);
    }

    /** @param  array<string, mixed>  $terms */
    private function given(array $terms = []): Assignment
    {
        $this->actingAs($this->instructor)->postJson("/api/cases/{$this->draft->id}/versions", $terms)->assertCreated();

        return Assignment::query()->latest('id')->firstOrFail();
    }

    private function prepared(Assignment $job): void
    {
        (new PrepareVariants($job->id))->handle($this->app->make(Variants::class));
    }

    private function begun(Assignment $job): Attempt
    {
        return Attempt::query()->findOrFail($this->actingAs($this->apprentice)->postJson("/api/jobs/$job->id/attempt", ['again' => true])->assertOk()->json('attempt'));
    }

    /**
     * @param  list<string>  $some
     * @return list<string>
     */
    private function sorted(array $some): array
    {
        sort($some);

        return $some;
    }
}
