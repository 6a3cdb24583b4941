<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Attempts\AttemptSeed;
use App\Jobs\FollowAttempt;
use App\Models\AttemptAction;
use App\Models\Marking;
use App\Models\MarkSheetRecord;
use App\Models\Role;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;
use RuntimeException;
use Tests\Support\ActionExamples;

final class AttemptTest extends FeatureTestCase
{
    private const KEY = '00000000-0000-4000-8000-00000000000a';

    public function test_the_same_key_again_gives_the_stored_answer_and_nothing_new(): void
    {
        $attempt = $this->attempt();
        $first = $this->act($attempt, ['do' => 'ignition', 'to' => 'on'], 1, self::KEY)->assertOk();
        $again = $this->act($attempt, ['do' => 'ignition', 'to' => 'on'], 1, self::KEY)->assertOk();

        self::assertSame($first->getContent(), $again->getContent());
        self::assertSame(1, AttemptAction::query()->count());
    }

    public function test_a_key_names_one_action_and_nothing_is_done_under_it_twice(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on'], 1, self::KEY)->assertOk();

        foreach ([[['do' => 'read-codes'], 1], [['do' => 'ignition', 'to' => 'on'], 2]] as [$action, $number]) {
            $this->act($attempt, $action, $number, self::KEY)->assertStatus(409)
                ->assertJsonPath('message', 'This action was sent before with other settings. The bay now shows where the job stands; nothing is lost.')
                ->assertJsonPath('attempt.state.ignition', 'on');
        }
        self::assertSame(1, AttemptAction::query()->count());
    }

    public function test_what_is_sent_again_sets_nothing_going(): void
    {
        Queue::fake();
        config(['queue.default' => 'database']);
        $attempt = $this->attempt();
        foreach (['first', 'again'] as $time) {
            $this->act($attempt, ['do' => 'ignition', 'to' => 'on'], 1, self::KEY)->assertOk();
            Queue::assertPushed(FollowAttempt::class, 1);
        }
    }

    /** Not the half of it: a step that closes, being closed, and marks asked for are one. */
    public function test_closing_happens_whole_or_not_at_all(): void
    {
        $attempt = $this->attempt();
        Marking::creating(static fn () => throw new RuntimeException('the power fails'));
        try {
            $this->act($attempt, ['do' => 'conclude'], 1, self::KEY)->assertServerError();
        } finally {
            Marking::flushEventListeners();
        }
        self::assertSame(0, AttemptAction::query()->count());
        self::assertNull($attempt->refresh()->concluded_at);

        $this->act($attempt, ['do' => 'conclude'], 1, self::KEY)->assertOk()->assertJsonPath('state.concluded', true);
        self::assertSame(1, Marking::query()->count());
    }

    /** As versions before could leave it: the last step stored, the job not closed. */
    public function test_a_job_caught_while_it_was_closed_is_closed_at_the_next_look(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'conclude'])->assertOk();
        $attempt->refresh()->update(['concluded_at' => null]);
        Marking::query()->delete();
        MarkSheetRecord::query()->delete();

        $this->getJson("/api/attempts/$attempt->id/report")->assertOk()->assertJsonPath('marking.state', 'marked');
        self::assertNotNull($attempt->refresh()->concluded_at);
    }

    public function test_a_second_tab_is_told_what_happened_meanwhile(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on'], 1)->assertOk();

        $this->act($attempt, ['do' => 'read-codes'], 1)->assertStatus(409)
            ->assertJsonPath('message', 'This job has moved on in another window. The bay now shows where it stands; nothing is lost.')
            ->assertJsonPath('attempt.steps.0.action.to', 'on')
            ->assertJsonPath('attempt.state.ignition', 'on');
        self::assertSame(1, AttemptAction::query()->count());
    }

    public function test_a_number_from_the_future_is_no_better(): void
    {
        $this->act($this->attempt(), ['do' => 'read-codes'], 7)->assertStatus(409);
    }

    public function test_a_closed_job_takes_nothing_more(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'conclude'])->assertOk()->assertJsonPath('state.concluded', true);

        $this->act($attempt, ['do' => 'read-codes'])->assertStatus(422)->assertJsonValidationErrors(['do' => 'closed']);
    }

    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): array
    {
        return [
            'no such action' => [['do' => 'dance'], 'do', 'one of'],
            'a pad that does not exist' => [['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.x', 'second' => 'body'], 'first', "'FR.x'"],
            'a setting left out' => [['do' => 'unplug'], 'plug', 'expected'],
            'a setting nobody knows' => [['do' => 'read-codes', 'note' => 'hello'], '', 'note'],
            'a function the meter does not have' => [['do' => 'measure', 'function' => 'taste', 'first' => 'body', 'second' => 'battery.positive'], 'function', 'one of ohms'],
        ];
    }

    /** @param  array<string, mixed>  $action */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_explained_beside_its_field(array $action, string $field, string $message): void
    {
        $this->act($this->attempt(), $action)->assertStatus(422)->assertJsonValidationErrors([$field => $message]);
        self::assertSame(0, AttemptAction::query()->count());
    }

    /** Whatever is wrong with an action, the answer names the setting, and nothing is stored. */
    public function test_every_wrong_setting_of_every_action_is_refused(): void
    {
        $attempt = $this->attempt();
        foreach (ActionExamples::broken() as $what => [$action, $pointer]) {
            if (! is_string($action['do'] ?? null)) {
                continue; // no action at all, which the form says before anything reads it
            }
            $errors = array_keys((array) $this->act($attempt, $action, 1)->assertStatus(422)->json('errors'));
            self::assertNotSame([], $errors, $what);
            self::assertStringStartsWith(explode('/', $pointer)[1], (string) $errors[0], $what);
        }
        self::assertSame(0, AttemptAction::query()->count());
    }

    /** Clumsy or not, each is answered and stored, and the bay that is loaded again knows all of them. */
    public function test_every_action_is_answered_and_kept(): void
    {
        $attempt = $this->attempt();
        $kept = 0;
        foreach (ActionExamples::all() as $name => $action) {
            if (in_array($name, ['write-reading', 'name-cause', 'strike-out'], true)) {
                continue; // they rest on steps that showed something, see the card's own tests
            }
            if (in_array($name, ['check-connector', 'cycle-power'], true)) {
                $this->act($attempt, $action, $kept + 1)->assertUnprocessable()->assertJsonPath('errors.do.0', 'This car has no such thing.');

                continue; // for cars whose module blinks, see below
            }
            $this->act($attempt, $action, ++$kept)->assertOk()->assertJsonPath('step.number', $kept)->assertJsonPath('step.action.do', $name);
        }

        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id")->assertOk()->assertJsonCount($kept, 'steps')->assertJsonPath('state.concluded', true);
    }

    public function test_ohms_on_a_live_circuit_are_answered_with_a_wrong_reading_and_a_note(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'ignition', 'to' => 'on']);
        $answer = $this->act($attempt, ['do' => 'measure', 'function' => 'ohms', 'first' => 'FL.sensor-plug.wheel.1', 'second' => 'FL.sensor-plug.wheel.2'])
            ->assertOk()->assertJsonPath('step.observation.notes', ['ohms-on-live-circuit']);

        self::assertGreaterThan(10000.0, $answer->json('step.observation.values.reading.si'));
    }

    public function test_the_data_sheet_is_there_only_for_those_who_looked_it_up(): void
    {
        $attempt = $this->attempt();
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id")->assertOk()->assertJsonPath('dataSheet', null);

        $this->act($attempt, ['do' => 'look-up-data-sheet'])->assertJsonPath('dataSheet.channels.0.conductors.0.colour', 'white');
    }

    public function test_starting_a_job_twice_takes_up_the_same_attempt(): void
    {
        $assignment = $this->published();
        $this->actingAs($this->apprentice);
        $first = $this->postJson("/api/jobs/$assignment->id/attempt")->assertOk()->json('attempt');

        self::assertSame($first, $this->postJson("/api/jobs/$assignment->id/attempt")->json('attempt'));
        $this->getJson('/api/jobs')->assertJsonPath('0.state', 'under-way');
    }

    public function test_each_attempt_gets_a_car_of_its_own_unless_the_school_fixes_them(): void
    {
        $job = $this->published()->version;
        $classmate = $this->person($this->group(), 'classmate', Role::Apprentice);
        $byChance = new AttemptSeed('');
        $fixed = new AttemptSeed('monday');

        self::assertNotSame($byChance->draw($job, $this->apprentice), $byChance->draw($job, $this->apprentice));
        self::assertSame($fixed->draw($job, $this->apprentice), $fixed->draw($job, $this->apprentice));
        self::assertNotSame($fixed->draw($job, $this->apprentice), $fixed->draw($job, $classmate));
        self::assertNotSame($fixed->draw($job, $this->apprentice), (new AttemptSeed('tuesday'))->draw($job, $this->apprentice));
    }

    public function test_a_stretch_out_of_bounds_is_named(): void
    {
        $stretch = ['kilometresPerHour' => 30, 'ground' => 'straight', 'seconds' => 0];
        $this->act($this->attempt(), ['do' => 'road-test', 'route' => 'free', 'stretches' => [$stretch]])
            ->assertUnprocessable()->assertJsonPath('errors', ['stretches.0.seconds' => ['Choose between 1 and 900.']]);
    }

    public function test_what_is_not_in_the_bay_is_told_beforehand_and_refused(): void
    {
        $attempt = $this->attempt($this->published(more: ['withheld' => ['meter', 'swap']]));
        $this->actingAs($this->apprentice)->getJson("/api/attempts/$attempt->id")->assertOk()->assertJsonPath('withheld', ['meter', 'swap']);

        foreach ([ActionExamples::all()['measure'], ['do' => 'swap-sensors', 'channel' => 'FL']] as $action) {
            $this->act($attempt, $action, 1)->assertUnprocessable()->assertJsonPath('errors.do.0', 'That is not in the bay for this job.');
        }
        self::assertSame(0, AttemptAction::query()->count());
        $this->act($attempt, ['do' => 'gauge-gap', 'channel' => 'FL'])->assertOk();
    }

    public function test_cars_whose_module_blinks_have_a_connector_or_a_power_switch(): void
    {
        $small = $this->attempt($this->published(['kind' => 'coil-open', 'channel' => 'FR'], 'mirl-10'));
        $this->act($small, ['do' => 'ignition', 'to' => 'on']);
        $this->act($small, ['do' => 'check-connector', 'open' => true])->assertOk()->assertJsonPath('state.connectorOpen', true);
        $this->act($small, ['do' => 'write-code', 'code' => '220', 'status' => ''])->assertUnprocessable()->assertJsonPath('errors.code.0', "'220' is not a code of this car: two digits from 1 to 9.");

        $trailer = $this->attempt($this->published(['kind' => 'coil-open', 'channel' => 'FR'], 'ostrel-t2'));
        $this->act($trailer, ['do' => 'cycle-power', 'onSeconds' => 1.5, 'offSeconds' => 1.5])->assertOk()->assertJsonPath('step.observation.kind', 'lamp-watched');
    }
}
