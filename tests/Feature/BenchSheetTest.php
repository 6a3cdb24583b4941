<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\BenchSheet;
use App\Models\Group;
use App\Models\Role;

/** What lies on the bench unkept outlives leaving and signing out, in whatever state it is. */
final class BenchSheetTest extends FeatureTestCase
{
    public function test_what_lies_on_the_bench_is_there_again_until_it_is_kept(): void
    {
        $half = ['name' => '', 'complaint' => 'Two lamps sin', 'faults' => []];
        $this->actingAs($this->instructor)->getJson('/api/new-case/sheet')->assertOk()->assertExactJson(['fields' => null, 'laidAt' => null]);
        $this->putJson('/api/new-case/sheet', ['fields' => ['name' => 'x']])->assertOk();
        $this->putJson('/api/new-case/sheet', ['fields' => $half])->assertOk();
        self::assertSame(1, BenchSheet::query()->count());
        $this->deleteJson('/api/session')->assertNoContent();

        $this->actingAs($this->instructor)->getJson('/api/new-case/sheet')->assertJsonPath('fields', $half);
        $this->postJson('/api/cases', array_diff_key($this->document(), ['format' => 1]))->assertCreated();
        $this->getJson('/api/new-case/sheet')->assertJsonPath('fields', null);
    }

    public function test_each_case_has_a_sheet_of_its_own_and_only_for_its_owner(): void
    {
        $case = $this->published()->version->case_draft_id;
        $colleague = $this->person(Group::query()->create(['name' => 'Another class']), 'colleague', Role::Instructor);
        $this->actingAs($this->instructor)->putJson("/api/cases/$case/sheet", ['fields' => ['name' => 'Changed']])->assertOk();
        $this->putJson('/api/new-case/sheet', ['fields' => ['name' => 'New']])->assertOk();
        $this->actingAs($colleague)->getJson('/api/new-case/sheet')->assertJsonPath('fields', null);
        $this->getJson("/api/cases/$case/sheet")->assertForbidden();

        $this->actingAs($this->instructor)->getJson("/api/cases/$case/sheet")->assertJsonPath('fields', ['name' => 'Changed']);
        $this->putJson("/api/cases/$case", array_diff_key($this->document(), ['format' => 1]))->assertOk();
        $this->getJson("/api/cases/$case/sheet")->assertJsonPath('fields', null);
        $this->getJson('/api/new-case/sheet')->assertJsonPath('fields', ['name' => 'New']);
        $this->deleteJson('/api/new-case/sheet')->assertNoContent();
        $this->getJson('/api/new-case/sheet')->assertJsonPath('fields', null);
    }

    public function test_a_sheet_goes_with_its_case(): void
    {
        $case = $this->published()->version->case_draft_id;
        $this->actingAs($this->instructor)->putJson("/api/cases/$case/sheet", ['fields' => ['name' => 'Changed']])->assertOk();
        $this->deleteJson("/api/cases/$case")->assertNoContent();

        self::assertSame(0, BenchSheet::query()->count());
        $this->putJson('/api/new-case/sheet', ['fields' => ['rubbish']])->assertStatus(422)->assertJsonPath('errors.fields.0', 'These are no fields of a case.');
    }
}
