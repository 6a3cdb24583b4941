<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Jobs\CheckSolvability;
use App\Models\CaseDraft;
use App\Models\CaseVersion;
use Illuminate\Support\Facades\Queue;
use PHPUnit\Framework\Attributes\DataProvider;

final class CaseTest extends FeatureTestCase
{
    /** @return array<string, array{array<string, mixed>, string, string}> */
    public static function mistakes(): array
    {
        return [
            'no name' => [['name' => ' '], 'name', 'Give the case a name'],
            'no job title' => [['jobTitle' => ''], 'jobTitle', 'job title'],
            'no complaint' => [['complaint' => ''], 'complaint', 'what the customer says'],
            'nothing said of faults' => [['faults' => null], 'faults', 'what is wrong with the car'],
            'an unknown car' => [['car' => 'chariot'], 'car', 'expected one of brack-22, harl-13'],
            'a strength out of range' => [['faults' => [['kind' => 'plug-corroded', 'channel' => 'FR', 'conductor' => '1', 'strength' => 1]]], 'faults.0.strength', 'between 10 and 200000'],
            'a corner the car does not have' => [['faults' => [['kind' => 'coil-open', 'channel' => 'MID']]], 'faults.0.channel', 'only FL, FR, RL, RR'],
            'a wire that was not chosen' => [['faults' => [['kind' => 'loom-open', 'channel' => 'FR']]], 'faults.0.conductor', 'one conductor'],
            'an entry nobody knows' => [['faults' => [['kind' => 'coil-open', 'channel' => 'FR', 'mood' => 'bad']]], 'faults.0', 'mood'],
            'a provocation nobody knows' => [['faults' => [['kind' => 'coil-open', 'channel' => 'FR', 'provokedBy' => 'kindness']]], 'faults.0.provokedBy', 'steering-left'],
            'two provocations at one corner' => [
                ['faults' => [['kind' => 'coil-open', 'channel' => 'FR', 'provokedBy' => 'heat'], ['kind' => 'gap-large', 'channel' => 'FR', 'strength' => 0.0009, 'provokedBy' => 'wet']]],
                'faults.1.provokedBy', 'at one channel all are provoked alike',
            ],
            'a tool nobody has' => [['withheld' => ['wand']], 'withheld', 'words out of meter, scope'],
            'a ring without teeth' => [['carValues' => ['/channels/FR/ring/teeth' => 0]], 'carValues.~1channels~1FR~1ring~1teeth', 'expected'],
            'a gap below nothing' => [['carValues' => ['/channels/FR/gapMillimetres' => -0.4]], 'carValues.~1channels~1FR~1gapMillimetres', 'expected'],
            'a battery the wrong way round' => [['carValues' => ['/supply/batteryVolts' => -12]], 'carValues.~1supply~1batteryVolts', 'expected a number above 0'],
            'a symptom nobody knows' => [['symptoms' => ['grumbles']], 'symptoms', 'in-left-bends'],
            'a repair nobody knows' => [['madeElsewhere' => ['polish']], 'madeElsewhere', 'clean-plug'],
            'five faults' => [['faults' => array_fill(0, 5, ['kind' => 'coil-open', 'channel' => 'FR'])], 'faults', 'long'],
        ];
    }

    /** @param  array<string, mixed>  $change */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_explained_beside_its_field(array $change, string $field, string $message): void
    {
        $this->actingAs($this->instructor)->postJson('/api/cases', [...$this->document(), ...$change])
            ->assertStatus(422)->assertJsonValidationErrors([$field => $message]);
        self::assertSame(0, CaseDraft::query()->count());
    }

    public function test_a_case_is_kept_changed_and_published_frozen(): void
    {
        $this->actingAs($this->instructor);
        $id = $this->postJson('/api/cases', $this->document())->assertCreated()->json('id');
        $this->putJson("/api/cases/$id", [...$this->document(), 'carValues' => ['/tyre/size' => '195/55 R15']])->assertOk();
        $this->postJson("/api/cases/$id/versions")->assertCreated()->assertJsonPath('versions.0.number', 1);

        $version = CaseVersion::query()->firstOrFail();
        self::assertSame(hash('sha256', $version->document), $version->sha256);
        self::assertSame('195/55 R15', $version->decoded()['vehicle']['tyre']['size']);

        $this->putJson("/api/cases/$id", [...$this->document(), 'complaint' => 'Something else'])->assertOk();
        self::assertNotSame('Something else', CaseVersion::query()->firstOrFail()->decoded()['complaint']);
    }

    public function test_the_preview_shows_good_beside_bad(): void
    {
        $rows = collect($this->actingAs($this->instructor)->postJson('/api/case-preview', $this->document())->assertOk()->json('rows'))->keyBy('test');

        self::assertTrue($rows['ohms-sensor']['cells']['FR']['faulty']['reading']['overload']);
        self::assertFalse($rows['ohms-sensor']['cells']['FR']['healthy']['reading']['overload']);
        self::assertTrue($rows['ohms-sensor']['cells']['FR']['differs']);
        self::assertFalse($rows['ohms-sensor']['cells']['FL']['differs']);
    }

    public function test_the_attempts_of_a_case_show_their_marks(): void
    {
        $attempt = $this->attempt();
        $this->act($attempt, ['do' => 'conclude']);

        $this->actingAs($this->instructor)->getJson("/api/cases/{$attempt->version->case_draft_id}/attempts")->assertOk()
            ->assertJsonPath('0.apprentice', 'Learner')->assertJsonPath('0.points', 7.5)->assertJsonPath('0.outOf', 100);
    }

    /** Every kind the bench offers, at the first place that can have it. */
    public function test_every_fault_can_be_previewed(): void
    {
        $this->actingAs($this->instructor);
        foreach ($this->getJson('/api/fault-kinds')->assertOk()->json() as $kind) {
            $places = array_filter($kind['places']);
            $car = array_keys($places)[0];
            $fault = ['kind' => $kind['id'], 'channel' => $places[$car][0]] + ($kind['onConductor'] ? ['conductor' => '1'] : []);
            $preview = $this->postJson('/api/case-preview', ['name' => 'a', 'jobTitle' => 'b', 'complaint' => 'c', 'car' => $car, 'faults' => [$fault]]);

            self::assertNotEmpty($preview->assertOk()->json('rows.0.cells'), "{$kind['id']} on $car");
        }
    }

    public function test_a_module_that_is_not_fed_answers_nothing_in_the_preview(): void
    {
        $this->actingAs($this->instructor);
        $body = ['name' => 'a', 'jobTitle' => 'b', 'complaint' => 'c', 'car' => 'harl-13', 'meter' => 'averaging', 'faults' => [['kind' => 'fuse-blown', 'channel' => 'car']]];

        $codes = $this->postJson('/api/case-preview', $body)->assertOk()->json('rows.0.cells.FR.faulty');
        self::assertSame('no-answer', array_values($codes)[0]['word']);
        $this->postJson('/api/case-preview', ['meter' => 'wishful'] + $body)->assertStatus(422)->assertJsonValidationErrors('meter');
    }

    public function test_whether_a_case_can_be_solved(): void
    {
        $check = $this->actingAs($this->instructor)->postJson('/api/case-solvability', [...$this->document(), 'knowledge' => ['lampTold' => true]])->assertStatus(202)->json('id');
        $answer = $this->getJson("/api/case-solvability/$check")->assertOk();

        $answer->assertJsonPath('found.solvable', true)->assertJsonPath('found.needed', 'replace-sensor@FR')->assertJsonPath('found.warnings', [])->assertJsonPath('failed', false);
        self::assertSame($answer->json('of'), $answer->json('done'));
        self::assertNotEmpty($answer->json('found.par.tests'));
    }

    public function test_a_check_that_waits_for_the_worker_says_how_far_it_is(): void
    {
        Queue::fake();
        $check = $this->actingAs($this->instructor)->postJson('/api/case-solvability', $this->document())->assertStatus(202)->assertJsonPath('found', null)->json('id');
        Queue::assertPushed(CheckSolvability::class);
        $this->getJson("/api/case-solvability/$check")->assertOk()->assertJsonPath('done', 0)->assertJsonPath('failed', false);

        (new CheckSolvability($check))->failed();
        $this->getJson("/api/case-solvability/$check")->assertOk()->assertJsonPath('failed', true)->assertJsonPath('found', null);
    }

    public function test_old_checks_are_swept_away(): void
    {
        Queue::fake();
        $check = $this->actingAs($this->instructor)->postJson('/api/case-solvability', $this->document())->json('id');
        $this->travel(25)->hours();
        $this->postJson('/api/case-solvability', $this->document())->assertStatus(202);

        $this->getJson("/api/case-solvability/$check")->assertNotFound();
    }

    public function test_what_is_known_about_a_case_is_kept_and_checked(): void
    {
        $this->actingAs($this->instructor);
        $knowledge = ['lampTold' => true, 'priorFactors' => ['coil-open' => 3], 'pairs' => [[['kind' => 'coil-open', 'channel' => 'FR'], ['kind' => 'gap-large', 'channel' => 'FR']]]];
        $id = $this->postJson('/api/cases', [...$this->document(), 'knowledge' => $knowledge])->assertCreated()->json('id');

        self::assertEquals($knowledge, CaseDraft::query()->findOrFail($id)->document['knowledge']);
        $this->postJson('/api/cases', [...$this->document(), 'knowledge' => (object) ['priorFactors' => (object) []]])->assertCreated();
        $this->postJson('/api/cases', [...$this->document(), 'knowledge' => (object) []])->assertCreated();
        $this->postJson('/api/cases', [...$this->document(), 'knowledge' => ['priorFactors' => ['gremlins' => 2]]])->assertStatus(422)->assertJsonValidationErrors('knowledge.priorFactors.gremlins');
        $this->postJson('/api/cases', [...$this->document(), 'knowledge' => ['pairs' => [[['kind' => 'rust', 'channel' => 'FR']]]]])->assertStatus(422);
    }
}
