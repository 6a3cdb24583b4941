<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Group;
use App\Models\Role;
use App\Models\SignIn;
use App\Models\User;
use Illuminate\Support\Facades\Artisan;

/** Who is signed in where, how it ends, and what is noted of it. */
final class SignInsTest extends FeatureTestCase
{
    private User $administrator;

    protected function setUp(): void
    {
        parent::setUp();
        $this->administrator = $this->person($this->group(), 'office', Role::Administrator);
    }

    public function test_a_sign_in_ends_with_the_school_day_whatever_is_done_meanwhile(): void
    {
        $this->freezeSecond();
        $this->signIn('learner');
        foreach (range(1, 11) as $hour) {
            $this->travel(1)->hours();
            $this->app['auth']->forgetGuards();
            $this->getJson('/api/jobs')->assertOk();
        }
        $this->travel(1)->hours();
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/jobs')->assertUnauthorized()->assertJsonPath('message', 'You are signed out. What was stored is kept. Sign in again and go on.');
        $this->getJson('/api/session')->assertOk()->assertJsonPath('user', null);
    }

    public function test_one_that_somebody_ended_is_over_and_the_others_go_on(): void
    {
        $this->signIn('learner');
        $left = SignIn::query()->sole();
        $this->flushSession();
        $this->app['auth']->forgetGuards();
        $this->signIn('learner');
        $here = SignIn::query()->latest('id')->firstOrFail();

        $this->getJson('/api/sign-ins')->assertOk()->assertJsonCount(2)->assertJsonPath('0.id', $here->id)->assertJsonPath('0.isThisOne', true)->assertJsonPath('1.isThisOne', false)->assertJsonPath('0.address', '127.0.0.1');
        $this->deleteJson("/api/sign-ins/$left->id")->assertNoContent();
        $this->getJson('/api/sign-ins')->assertJsonCount(1);
        $this->deleteJson("/api/sign-ins/$here->id")->assertNoContent();
        $this->app['auth']->forgetGuards();
        $this->getJson('/api/jobs')->assertUnauthorized();
    }

    public function test_everybody_sees_and_ends_what_is_theirs_to_end(): void
    {
        $stranger = $this->person(Group::query()->create(['name' => 'Another class']), 'stranger', Role::Apprentice);
        $ids = [];
        foreach (['learner' => $this->apprentice, 'teacher' => $this->instructor, 'stranger' => $stranger] as $name => $user) {
            $ids[$name] = SignIn::query()->create(['user_id' => $user->id, 'address' => '10.0.0.7', 'began_at' => now(), 'seen_at' => now()])->id;
        }

        $this->assertSees($this->apprentice, [['Learner', '10.0.0.7']]);
        $this->assertSees($this->instructor, [['Teacher', '10.0.0.7'], ['Learner', null]]);
        $this->assertSees($this->administrator, [['Stranger', '10.0.0.7'], ['Teacher', '10.0.0.7'], ['Learner', '10.0.0.7']]);
        $this->actingAs($this->apprentice)->deleteJson("/api/sign-ins/{$ids['teacher']}")->assertForbidden();
        $this->actingAs($this->instructor)->deleteJson("/api/sign-ins/{$ids['stranger']}")->assertForbidden();
        $this->actingAs($this->instructor)->deleteJson("/api/sign-ins/{$ids['learner']}")->assertNoContent();
        $this->actingAs($this->administrator)->deleteJson("/api/sign-ins/{$ids['stranger']}")->assertNoContent();
    }

    public function test_signing_out_ends_it(): void
    {
        $this->signIn('learner');
        $this->deleteJson('/api/session')->assertNoContent();

        self::assertNotNull(SignIn::query()->sole()->ended_at);
    }

    public function test_a_school_without_an_administrator_gets_one(): void
    {
        self::assertSame(0, Artisan::call('accounts:administrator', ['sign-in' => 'front-desk', 'name' => 'Front Desk']));
        preg_match('~^front-desk signs in with (\w{16})$~m', Artisan::output(), $said);

        $this->postJson('/api/session', ['name' => 'front-desk', 'password' => $said[1] ?? ''])->assertOk()->assertJsonPath('role', 'administrator');
        self::assertSame(1, Artisan::call('accounts:administrator', ['sign-in' => 'front-desk', 'name' => 'Front Desk']));
    }

    /** @param  list<array{string, ?string}>  $expected  name and address, the newest first */
    private function assertSees(User $user, array $expected): void
    {
        $rows = (array) $this->actingAs($user)->getJson('/api/sign-ins')->assertOk()->json();

        self::assertSame($expected, array_map(static fn (array $row): array => [$row['name'], $row['address']], $rows));
    }

    private function signIn(string $name): void
    {
        $this->postJson('/api/session', ['name' => $name, 'password' => 'secret words'])->assertOk();
    }
}
