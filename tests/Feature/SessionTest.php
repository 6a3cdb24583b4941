<?php

declare(strict_types=1);

namespace Tests\Feature;

final class SessionTest extends FeatureTestCase
{
    public function test_a_person_signs_in_and_out(): void
    {
        $this->postJson('/api/session', ['name' => 'learner', 'password' => 'secret words'])->assertOk()->assertJsonPath('role', 'apprentice');
        $this->getJson('/api/session')->assertJsonPath('user.name', 'Learner');
        $this->deleteJson('/api/session')->assertNoContent();
        $this->getJson('/api/session')->assertJsonPath('user', null);
    }

    public function test_a_wrong_password_says_no_more_than_that(): void
    {
        $wrong = $this->postJson('/api/session', ['name' => 'learner', 'password' => 'guess'])->assertStatus(422)->assertJsonValidationErrors('password');
        $nobody = $this->postJson('/api/session', ['name' => 'ghost', 'password' => 'guess'])->assertStatus(422);

        self::assertSame($wrong->getContent(), $nobody->getContent());
    }

    public function test_empty_fields_are_explained(): void
    {
        $this->postJson('/api/session', [])->assertStatus(422)->assertJsonValidationErrors(['name', 'password']);
    }

    public function test_many_tries_are_slowed_down(): void
    {
        foreach (range(1, 12) as $try) {
            $this->postJson('/api/session', ['name' => 'learner', 'password' => "guess $try"])->assertStatus(422);
        }

        $this->postJson('/api/session', ['name' => 'learner', 'password' => 'secret words'])->assertStatus(429);
    }

    public function test_a_stale_page_is_told_to_sign_in_again(): void
    {
        $this->getJson('/api/jobs')->assertUnauthorized()->assertJsonPath('message', 'You are signed out. Sign in again; what you did is kept.');
    }

    public function test_pages_may_load_nothing_from_elsewhere(): void
    {
        $policy = (string) $this->get('/api/session')->headers->get('Content-Security-Policy');

        self::assertStringContainsString("default-src 'self'", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
    }
}
