<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Attempt;
use App\Models\Group;
use App\Models\MarkOverride;
use App\Models\Role;
use App\Models\User;
use Illuminate\Testing\TestResponse;

/** An instructor decides a mark otherwise, and says why. */
final class OverrideTest extends FeatureTestCase
{
    private Attempt $attempt;

    protected function setUp(): void
    {
        parent::setUp();
        $this->attempt = $this->attempt();
        $this->act($this->attempt, ['do' => 'conclude'])->assertOk();
    }

    public function test_the_decision_counts_and_the_computed_mark_stays_beside_it(): void
    {
        $before = $this->report($this->apprentice);
        $computed = array_column($before['marks']['marks'], 'points', 'criterion')['codes'];
        $this->decide(['criterion' => 'codes', 'points' => 7.5, 'reason' => 'Showed me the codes on paper.'])->assertCreated()->assertJsonPath('overrides.0.points', 7.5);

        $after = $this->report($this->apprentice);
        self::assertSame($before['marks'], $after['marks']);
        self::assertEqualsWithDelta($before['decided']['points'] - $computed + 7.5, $after['decided']['points'], 0.01);
        self::assertSame('Showed me the codes on paper.', $after['decided']['overrides'][0]['reason']);
        self::assertSame('Teacher', $after['decided']['overrides'][0]['by']);
        $this->actingAs($this->instructor)->getJson("/api/cases/{$this->attempt->version->case_draft_id}/attempts")->assertOk()
            ->assertJsonPath('0.points', $after['decided']['points'])->assertJsonPath('0.overridden', true);
    }

    public function test_the_last_decision_counts_and_can_be_taken_back_without_a_trace_lost(): void
    {
        $before = $this->report($this->instructor)['decided'];
        $this->decide(['criterion' => 'codes', 'points' => 3, 'reason' => 'A first thought of mine.']);
        $this->decide(['criterion' => 'codes', 'points' => 5, 'reason' => 'A second thought of mine.'])->assertJsonPath('overrides.0.points', 5);
        $this->decide(['criterion' => 'codes', 'points' => null, 'reason' => 'The computation was right.'])->assertJsonPath('overrides', []);

        self::assertSame($before, $this->report($this->instructor)['decided']);
        self::assertSame(3, MarkOverride::query()->count());
    }

    public function test_a_mistake_is_explained_beside_its_field(): void
    {
        $right = ['criterion' => 'codes', 'points' => 3, 'reason' => 'Seen with my own eyes.'];
        $mistakes = [
            'no such criterion' => [['criterion' => 'charm'] + $right, 'criterion', 'not marked'],
            'more than there are' => [['points' => 16] + $right, 'points', '15 points at most'],
            'less than none' => [['points' => -1] + $right, 'points', 'from 0 up'],
            'no number' => [['points' => 'many'] + $right, 'points', 'from 0 up'],
            'no reason' => [['reason' => ''] + $right, 'reason', 'a sentence of your own'],
            'hardly a reason' => [['reason' => 'because'] + $right, 'reason', 'a sentence of your own'],
        ];
        foreach ($mistakes as $mistake => [$body, $field, $message]) {
            $answer = $this->decide($body);
            self::assertSame(422, $answer->status(), $mistake);
            $answer->assertJsonValidationErrors([$field => $message]);
            self::assertSame(0, MarkOverride::query()->count(), $mistake);
        }
    }

    public function test_only_whoever_made_the_case_decides(): void
    {
        $colleague = $this->person(Group::query()->create(['name' => 'Another class']), 'colleague', Role::Instructor);
        foreach ([$this->apprentice, $colleague] as $person) {
            $this->decide(['criterion' => 'codes', 'points' => 15, 'reason' => 'I would like to have them.'], $person)->assertForbidden();
        }
    }

    /**
     * @param  array<string, mixed>  $body
     * @return TestResponse<\Symfony\Component\HttpFoundation\Response>
     */
    private function decide(array $body, ?User $by = null): TestResponse
    {
        return $this->actingAs($by ?? $this->instructor)->postJson("/api/attempts/{$this->attempt->id}/overrides", $body);
    }

    /** @return array<string, mixed> */
    private function report(User $reader): array
    {
        return $this->actingAs($reader)->getJson("/api/attempts/{$this->attempt->id}/report")->assertOk()->json();
    }
}
