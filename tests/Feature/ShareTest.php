<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\CaseDraft;
use App\Models\Role;
use App\Models\User;

/** A case that several instructors have; two of them at it at once. */
final class ShareTest extends FeatureTestCase
{
    private CaseDraft $draft;

    private User $colleague;

    protected function setUp(): void
    {
        parent::setUp();
        $this->draft = CaseDraft::query()->create(['instructor_id' => $this->instructor->id, 'document' => $this->document()]);
        $this->colleague = $this->person($this->group(), 'colleague', Role::Instructor);
    }

    public function test_a_case_is_kept_until_it_is_shared_and_again_afterwards(): void
    {
        $path = "/api/cases/{$this->draft->id}";
        $this->actingAs($this->colleague)->getJson($path)->assertForbidden();
        $this->putJson("$path/shares", ['instructors' => [$this->colleague->id]])->assertForbidden();
        $this->actingAs($this->instructor)->getJson("$path/shares")->assertExactJson([['id' => $this->colleague->id, 'name' => 'Colleague', 'has' => false]]);
        $this->putJson("$path/shares", ['instructors' => [$this->apprentice->id]])->assertJsonPath('errors', ['instructors.0' => ['Choose instructors of this house.']]);
        $this->putJson("$path/shares", ['instructors' => ''])->assertJsonValidationErrors('instructors');
        $this->putJson("$path/shares", ['instructors' => [$this->colleague->id]])->assertOk()->assertJsonPath('0.has', true);

        $this->actingAs($this->colleague)->getJson('/api/cases')->assertJsonPath('0.isMine', false)->assertJsonPath('0.madeBy', 'Teacher')->assertJsonPath('0.sharedWith', ['Colleague']);
        $this->putJson($path, ['name' => 'Ours'] + $this->fields())->assertOk()->assertJsonPath('changedBy', 'Colleague');
        $this->postJson("$path/versions", ['variation' => 'same'])->assertCreated();
        $this->getJson("$path/attempts")->assertOk();
        $this->putJson('/api/assignments/'.$this->draft->assignments()->firstOrFail()->id, ['withdrawn' => true])->assertOk();
        $this->deleteJson($path)->assertForbidden();
        $this->postJson("$path/copy")->assertCreated()->assertJsonPath('isMine', true);

        $this->actingAs($this->instructor)->putJson("$path/shares", ['instructors' => []])->assertOk();
        $this->actingAs($this->colleague)->getJson($path)->assertForbidden();
    }

    public function test_the_second_of_two_at_one_case_is_told_and_chooses(): void
    {
        $this->draft->holders()->attach($this->colleague);
        $path = "/api/cases/{$this->draft->id}";
        $opened = $this->actingAs($this->instructor)->getJson($path)->json('edition');
        $this->actingAs($this->colleague)->putJson($path, ['complaint' => 'Theirs.', 'basedOn' => $opened] + $this->fields())->assertOk();
        $theirs = $this->actingAs($this->instructor)->putJson($path, ['name' => 'Mine', 'basedOn' => $opened] + $this->fields())->assertStatus(409)
            ->assertJsonPath('message', 'Colleague has changed this case since you opened it. Nothing of yours is lost.')->assertJsonPath('case.document.complaint', 'Theirs.')->json('case.edition');
        $this->getJson($path)->assertJsonPath('document.complaint', 'Theirs.');
        $this->putJson($path, ['name' => 'Mine', 'basedOn' => $theirs] + $this->fields())->assertOk()->assertJsonPath('document.name', 'Mine')->assertJsonPath('changedBy', 'Teacher');
    }

    /** @return array<string, mixed> */
    private function fields(): array
    {
        return array_diff_key($this->document(), ['format' => '']);
    }
}
