<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\People;
use App\Models\JoinRequest;
use App\Models\LogEntry;
use App\Models\Role;
use App\Models\User;

/** A class comes in by a code: who types it asks, the instructor lets in, and only then are they somebody here. */
final class JoinTest extends FeatureTestCase
{
    private const PASSWORD = 'three wet cobbles';

    public function test_somebody_new_asks_is_let_in_and_signed_in_once(): void
    {
        $code = $this->opened();
        $token = $this->asked(['code' => " $code ", 'name' => 'Ina Holt', 'signIn' => 'ina']);
        $this->postJson('/api/join/enter', ['token' => $token])->assertOk()->assertExactJson(['state' => 'waiting', 'user' => null]);
        self::assertFalse(User::query()->where('sign_in', 'ina')->exists());

        $waiting = $this->actingAs($this->instructor)->getJson("/api/groups/{$this->group()->id}/door")->assertOk()->assertJsonPath('waiting.0.name', 'Ina Holt')->assertJsonPath('waiting.0.isListed', false)->json('waiting.0.id');
        $this->putJson("/api/join-requests/$waiting", ['letIn' => true])->assertOk()->assertJsonPath('waiting', []);
        $this->putJson("/api/join-requests/$waiting", ['letIn' => true])->assertOk();
        self::assertSame(1, User::query()->where('sign_in', 'ina')->count());
        self::assertSame(1, LogEntry::query()->where('kind', 'let-in')->count());

        $this->leave();
        $this->postJson('/api/join/enter', ['token' => $token])->assertOk()->assertJsonPath('state', 'let-in')->assertJsonPath('user.name', 'Ina Holt');
        $this->getJson('/api/session')->assertJsonPath('user.name', 'Ina Holt');
        $this->getJson('/api/jobs')->assertOk();
        $this->leave();
        $this->postJson('/api/join/enter', ['token' => $token])->assertNotFound()->assertJsonPath('message', 'Nobody asked with this. Type the code once more.');
        $this->postJson('/api/session', ['name' => 'ina', 'password' => self::PASSWORD])->assertOk();
    }

    public function test_who_is_on_the_list_takes_the_own_account_and_nobody_elses(): void
    {
        $listed = $this->app->make(People::class)->add($this->instructor, 'Otto Berg', 'otto', Role::Apprentice, [$this->group()->id]);
        $code = $this->opened();
        $this->postJson('/api/join/look', ['code' => $code])->assertOk()->assertExactJson(['group' => 'A class', 'listed' => [['id' => $listed->id, 'name' => 'Otto Berg']]]);
        $this->postJson('/api/join', ['code' => $code, 'person' => $this->apprentice->id, 'password' => self::PASSWORD])->assertStatus(422)->assertJsonPath('errors.person.0', 'This name is not on the list any more. Ask your instructor.');

        $this->asked(['code' => $code, 'person' => $listed->id]);
        $second = $this->asked(['code' => $code, 'person' => $listed->id], 'another two words');
        foreach (JoinRequest::query()->orderBy('id')->pluck('id') as $asked) {
            $this->actingAs($this->instructor)->putJson("/api/join-requests/$asked", ['letIn' => true])->assertOk();
        }
        $this->leave();
        $this->postJson('/api/join/enter', ['token' => $second])->assertJsonPath('state', 'refused');
        $this->postJson('/api/session', ['name' => 'otto', 'password' => 'another two words'])->assertStatus(422);
        $this->postJson('/api/session', ['name' => 'otto', 'password' => self::PASSWORD])->assertOk()->assertJsonPath('choosesPassword', false);
    }

    public function test_a_code_ends_is_replaced_and_is_not_guessed(): void
    {
        $first = $this->opened();
        $second = $this->opened();
        $this->postJson('/api/join/look', ['code' => $first])->assertStatus(422)->assertJsonPath('errors.code.0', 'No class has this code now. Look at it again, or ask for a new one.');
        $this->postJson('/api/join/look', ['code' => $second])->assertOk();
        $this->travel(61)->minutes();
        $this->postJson('/api/join/look', ['code' => $second])->assertStatus(422);
        $third = $this->opened();
        $this->actingAs($this->instructor)->deleteJson("/api/groups/{$this->group()->id}/door")->assertOk()->assertJsonPath('code', null);
        $this->leave();
        $this->postJson('/api/join/look', ['code' => $third])->assertStatus(422);

        $statuses = [];
        for ($try = 0; $try < 100; $try++) {
            $statuses[] = $this->postJson('/api/join/look', ['code' => "dabo-$try"])->status();
        }
        self::assertSame(429, end($statuses));
        self::assertGreaterThan(30, count(array_keys($statuses, 422, true))); // a class may slip
    }

    public function test_what_is_missing_is_said_beside_its_field_and_refusing_lets_nobody_in(): void
    {
        $code = $this->opened();
        foreach ([['name' => '', 'signIn' => 'ina'], ['name' => 'Ina', 'signIn' => 'Ina Holt'], ['name' => 'Ina', 'signIn' => 'learner']] as $wrong) {
            $this->postJson('/api/join', ['code' => $code, 'password' => self::PASSWORD] + $wrong)->assertStatus(422)->assertJsonValidationErrors([$wrong['name'] === '' ? 'name' : 'signIn']);
        }
        foreach (['short', 'password123456', ''] as $weak) {
            $this->postJson('/api/join', ['code' => $code, 'name' => 'Ina', 'signIn' => 'ina', 'password' => $weak])->assertStatus(422)->assertJsonValidationErrors('password');
        }
        $this->postJson('/api/join', ['code' => 'dabo-nobo', 'name' => '', 'signIn' => 'learner', 'password' => ''])->assertStatus(422)->assertExactJson(['message' => 'No class has this code now. Look at it again, or ask for a new one.', 'errors' => ['code' => ['No class has this code now. Look at it again, or ask for a new one.']]]);
        $token = $this->asked(['code' => $code, 'name' => 'Ina', 'signIn' => 'ina']);
        $this->actingAs($this->instructor)->putJson('/api/join-requests/'.JoinRequest::query()->sole()->id, ['letIn' => false])->assertOk();
        $this->leave();
        $this->postJson('/api/join/enter', ['token' => $token])->assertExactJson(['state' => 'refused', 'user' => null]);
        $this->actingAs($this->instructor)->putJson("/api/groups/{$this->group()->id}/door", ['minutes' => 3])->assertStatus(422)->assertJsonPath('errors.minutes.0', 'Choose how long the code is valid: from five minutes to fourteen days.');
    }

    private function opened(): string
    {
        $code = $this->actingAs($this->instructor)->putJson("/api/groups/{$this->group()->id}/door", ['minutes' => 60])->assertOk()->json('code');
        $this->leave();
        self::assertMatchesRegularExpression('/^[a-z]{4}-[a-z]{4}$/', $code);

        return $code;
    }

    /** @param  array<string, mixed>  $who */
    private function asked(array $who, string $password = self::PASSWORD): string
    {
        return $this->postJson('/api/join', ['password' => $password] + $who)->assertStatus(202)->json('token');
    }

    private function leave(): void
    {
        $this->app['auth']->forgetGuards();
        $this->flushSession();
    }
}
