<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\HouseLog;
use App\Accounts\Passwords;
use App\Accounts\SigningIn;
use App\Accounts\SlowedTries;
use Illuminate\Contracts\Cache\Repository;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Filesystem\Filesystem;
use Illuminate\Support\Facades\Crypt;
use Illuminate\Support\Str;

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

    public function test_wrong_passwords_slow_down_whoever_tries_them_and_nobody_else(): void
    {
        $try = fn (string $name, string $password, string $from = '10.0.0.1') => $this->withServerVariables(['REMOTE_ADDR' => $from])->postJson('/api/session', ['name' => $name, 'password' => $password]);
        foreach (range(1, 5) as $time) {
            $try('learner', "guess $time")->assertStatus(422);
        }

        $try('learner', 'secret words')->assertStatus(429)->assertHeader('Retry-After', '2')->assertJsonPath('message', 'Several wrong passwords: wait 2 s, then try again.');
        $try('Learner', 'secret words')->assertStatus(429);
        $try('learner', 'secret words', '10.0.0.2')->assertOk();
        $try('teacher', 'secret words')->assertOk();
        $this->travel(2)->seconds();
        $try('learner', 'guess 6')->assertStatus(422);
        $try('learner', 'secret words')->assertStatus(429)->assertHeader('Retry-After', '4');
        $this->travel(4)->seconds();
        $try('learner', 'secret words')->assertOk();
        $try('learner', 'guess')->assertStatus(422);
        $try('learner', 'secret words')->assertOk();
    }

    /** The password of somebody unknown is hashed as well, and one for once. */
    public function test_an_unknown_name_is_looked_at_as_long_as_a_known_one(): void
    {
        $hasher = $this->createMock(Hasher::class);
        $hasher->method('make')->willReturn('a hash');
        $checked = [];
        $hasher->method('check')->willReturnCallback(static function (string $password, string $hash) use (&$checked): bool {
            $checked[] = $hash;

            return false;
        });
        $signingIn = new SigningIn(new Passwords($hasher, $this->app->make(Repository::class)), $this->app->make(SlowedTries::class), $this->app->make(HouseLog::class));

        self::assertNull($signingIn->with('ghost', 'guess', '10.0.0.1'));
        self::assertNull($signingIn->with('learner', 'guess', '10.0.0.1'));
        $this->apprentice->update(['for_once' => Crypt::encryptString('moss-gate')]);
        self::assertNull($signingIn->with('learner', 'guess', '10.0.0.1'));
        self::assertSame(['a hash', $this->apprentice->password, 'a hash'], $checked);
        self::assertNotNull($signingIn->with('learner', 'moss-gate', '10.0.0.1'));
        self::assertCount(4, $checked);
    }

    public function test_somebody_at_the_door_leaves_no_session_behind(): void
    {
        $folder = sys_get_temp_dir().'/sessions-'.Str::uuid();
        mkdir($folder);
        config(['session.driver' => 'file', 'session.files' => $folder]);
        $this->getJson('/api/session')->assertOk()->assertCookieMissing('lernfall-session');
        $this->getJson('/api/jobs')->assertUnauthorized();
        $this->get('/sign-in')->assertOk();
        self::assertSame([], glob("$folder/*"));

        $this->postJson('/api/session', ['name' => 'learner', 'password' => 'secret words'])->assertOk();
        self::assertCount(1, glob("$folder/*") ?: []);
        (new Filesystem)->deleteDirectory($folder);
    }

    public function test_nothing_is_changed_for_a_page_of_another_site(): void
    {
        $signIn = fn (array $headers) => $this->postJson('/api/session', ['name' => 'learner', 'password' => 'secret words'], $headers);

        $signIn(['Sec-Fetch-Site' => 'cross-site'])->assertForbidden()->assertJsonPath('message', 'This was asked for by a page of another site, so it was not done.');
        $signIn(['Sec-Fetch-Site' => 'same-site'])->assertForbidden();
        $signIn(['Origin' => 'http://elsewhere.example'])->assertForbidden();
        $signIn(['Origin' => url('/')])->assertOk();
        $signIn(['Sec-Fetch-Site' => 'same-origin'])->assertOk();
    }

    public function test_a_stale_page_is_told_to_sign_in_again(): void
    {
        $this->getJson('/api/jobs')->assertUnauthorized()->assertJsonPath('message', 'You are signed out. What was stored is kept. Sign in again and go on.');
    }

    public function test_pages_may_load_nothing_from_elsewhere(): void
    {
        $policy = (string) $this->get('/api/session')->headers->get('Content-Security-Policy');

        self::assertStringContainsString("default-src 'self'", $policy);
        self::assertStringContainsString("frame-ancestors 'none'", $policy);
    }
}
