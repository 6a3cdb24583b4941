<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Deletion;
use App\Jobs\MarkAttempt;
use App\Jobs\PrepareVariants;
use App\Models\Attempt;
use App\Models\AttemptAction;
use App\Models\Pairing;
use App\Models\Role;
use App\Models\User;
use Illuminate\Support\Facades\Bus;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;

/** Two apprentices at one job of practice: asked and joined, each at a place, and what is kept of it. */
final class PairTest extends FeatureTestCase
{
    private const WRITE = ['do' => 'name-cause', 'channel' => 'FR', 'station' => 'sensor', 'defect' => 'open', 'supports' => [], 'expects' => 'code-stays-away'];

    private User $partner;

    protected function setUp(): void
    {
        parent::setUp();
        Bus::fake([PrepareVariants::class, MarkAttempt::class]);
        $this->partner = $this->person($this->group(), 'partner', Role::Apprentice);
    }

    public function test_one_asks_and_the_other_one_joins_or_does_not(): void
    {
        $attempt = $this->practised();
        $job = "/api/attempts/$attempt->id";
        $this->as($this->partner)->getJson($job)->assertForbidden();
        $this->as($this->partner)->postJson("$job/pair")->assertForbidden();

        $this->as($this->apprentice)->getJson("$job/pair")->assertExactJson([['id' => $this->partner->id, 'name' => 'Partner']]);
        $this->as($this->apprentice)->putJson("$job/pair", ['partner' => $this->instructor->id])->assertJsonValidationErrors(['partner' => 'This job was not given to them.']);
        $this->as($this->apprentice)->putJson("$job/pair", ['partner' => ''])->assertJsonValidationErrors(['partner' => 'Choose who works along.']);
        $this->as($this->apprentice)->putJson("$job/pair", ['partner' => $this->partner->id])->assertOk()->assertJsonPath('pair', ['with' => 'Partner', 'joined' => false, 'atCar' => true]);
        $this->as($this->partner)->getJson($job)->assertForbidden();
        $this->as($this->partner)->getJson('/api/invitations')->assertJsonPath('0.from', 'Learner')->assertJsonPath('0.attempt', $attempt->id);
        $this->as($this->partner)->deleteJson("$job/pair")->assertNoContent();
        $this->as($this->partner)->getJson('/api/invitations')->assertExactJson([]);
        $this->as($this->partner)->postJson("$job/pair")->assertForbidden();

        $this->joined($attempt);
        $this->as($this->partner)->getJson($job)->assertOk();
        $this->as($this->partner)->getJson('/api/jobs')->assertJsonPath('0.partner', 'Learner')->assertJsonPath('0.attempt', $attempt->id)->assertJsonPath('0.canBegin', false);
        $this->as($this->apprentice)->getJson('/api/jobs')->assertJsonPath('0.partner', 'Partner');
        $this->as($this->apprentice)->deleteJson("$job/pair")->assertStatus(409);
        $this->as($this->apprentice)->putJson("$job/pair", ['partner' => $this->partner->id])->assertStatus(409);
        $this->as($this->partner)->putJson("$job/pair", ['partner' => $this->partner->id])->assertForbidden();
    }

    public function test_one_is_at_the_car_and_the_other_one_writes_until_they_change_places(): void
    {
        $attempt = $this->joined($this->practised());
        $this->does($this->partner, $attempt, ['do' => 'look-at-lamps'])->assertStatus(422)->assertJsonPath('errors.action.0', 'Learner is at the car. Change places to do this yourself.');
        $this->does($this->apprentice, $attempt, self::WRITE)->assertStatus(422)->assertJsonPath('errors.action.0', 'Partner writes the card. Change places to write yourself.');
        $this->does($this->apprentice, $attempt, ['do' => 'look-at-lamps'])->assertOk();
        $this->as($this->partner)->getJson("/api/attempts/$attempt->id/news")->assertJsonPath('steps', 1)->assertJsonPath('pair.atCar', false);
        $this->does($this->partner, $attempt, self::WRITE)->assertOk();

        $this->as($this->partner)->putJson("/api/attempts/$attempt->id/places", ['atCar' => true])->assertOk()->assertJsonPath('pair', ['with' => 'Learner', 'joined' => true, 'atCar' => true]);
        $this->does($this->partner, $attempt, ['do' => 'look-at-lamps'])->assertOk();
        $this->does($this->partner, $attempt, ['do' => 'conclude'])->assertOk();
        self::assertSame([$this->apprentice->id, $this->partner->id, $this->partner->id, $this->partner->id], AttemptAction::query()->orderBy('number')->pluck('by_id')->all());

        $shares = [['name' => 'Learner', 'atCar' => 1, 'atCard' => 0], ['name' => 'Partner', 'atCar' => 1, 'atCard' => 2]];
        foreach ([$this->partner, $this->apprentice, $this->instructor] as $reader) {
            $this->as($reader)->getJson("/api/attempts/$attempt->id/report")->assertOk()->assertJsonPath('pair', $shares);
        }
        $this->as($this->instructor)->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts")->assertJsonPath('0.partner', 'Partner');
        $this->as($this->instructor)->getJson("/api/cases/{$attempt->version->case_draft_id}")->assertJsonPath('assignments.0.notBegun', []);
        $this->as($this->apprentice)->putJson("/api/attempts/$attempt->id/places", ['atCar' => true])->assertStatus(409);
    }

    public function test_an_examination_is_worked_alone_and_a_closed_job_is_not_joined(): void
    {
        $examination = $this->attempt();
        $this->as($this->apprentice)->getJson("/api/attempts/$examination->id/pair")->assertForbidden();
        $this->as($this->apprentice)->putJson("/api/attempts/$examination->id/pair", ['partner' => $this->partner->id])->assertForbidden();
        $this->as($this->apprentice)->putJson("/api/attempts/$examination->id/places", ['atCar' => true])->assertStatus(409);

        $attempt = $this->practised();
        $this->as($this->apprentice)->putJson("/api/attempts/$attempt->id/pair", ['partner' => $this->partner->id])->assertOk();
        $this->does($this->apprentice, $attempt, ['do' => 'conclude'])->assertOk();
        $this->as($this->partner)->postJson("/api/attempts/$attempt->id/pair")->assertStatus(409);
        $this->as($this->partner)->getJson("/api/attempts/$attempt->id/report")->assertForbidden();
        $this->as($this->partner)->getJson('/api/invitations')->assertExactJson([]);
    }

    public function test_nobody_is_asked_along_to_a_job_that_was_annulled(): void
    {
        $attempt = $this->practised();
        $this->as($this->apprentice)->putJson("/api/attempts/$attempt->id/pair", ['partner' => $this->partner->id])->assertOk();
        $this->as($this->partner)->getJson('/api/invitations')->assertJsonCount(1);
        $attempt->assignment?->update(['annulled_at' => now(), 'annulled_because' => 'The wrong car']);
        $this->as($this->partner)->getJson('/api/invitations')->assertExactJson([]);
    }

    public function test_who_works_along_has_a_job_and_keeps_it_in_their_own_data(): void
    {
        $attempt = $this->practised();
        $without = "/api/groups/{$this->group()->id}/without-job";
        $attempt->assignment?->update(['withdrawn_at' => now()]);
        $this->as($this->instructor)->getJson($without)->assertJsonPath('people', ['Partner']);
        $this->joined($attempt);
        $this->as($this->instructor)->getJson($without)->assertJsonPath('people', []);
        self::assertCount(1, $this->as($this->partner)->getJson('/api/account/data')->assertOk()->json('jobs'));

        $this->app->make(Deletion::class)->of($this->partner);
        self::assertSame(0, Pairing::query()->count());
        $this->does($this->apprentice, $attempt, self::WRITE)->assertOk();
    }

    private function practised(): Attempt
    {
        return $this->attempt($this->published(more: ['practice' => true]));
    }

    private function joined(Attempt $attempt): Attempt
    {
        $this->as($this->apprentice)->putJson("/api/attempts/$attempt->id/pair", ['partner' => $this->partner->id])->assertOk();
        $this->as($this->partner)->postJson("/api/attempts/$attempt->id/pair")->assertOk()->assertJsonPath('attempt', $attempt->id);

        return $attempt;
    }

    /**
     * @param  array<string, mixed>  $action
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function does(User $person, Attempt $attempt, array $action): TestResponse
    {
        return $this->as($person)->postJson("/api/attempts/$attempt->id/actions", ['key' => (string) Str::uuid(), 'number' => $attempt->actions()->count() + 1, 'action' => $action]);
    }

    private function as(User $person): self
    {
        $this->app['auth']->forgetGuards();

        return $this->actingAs($person->refresh());
    }
}
