<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Passwords;
use App\Models\Group;
use App\Models\LogEntry;
use App\Models\Role;
use App\Models\SignIn;
use App\Models\User;
use PHPUnit\Framework\Attributes\DataProvider;

/** People are added and get a password for once; with it they choose their own, and nothing else before that. */
final class PeopleTest extends FeatureTestCase
{
    public function test_an_instructor_sees_the_apprentices_of_the_class_and_the_office_everybody(): void
    {
        $this->person(Group::query()->create(['name' => 'Another class']), 'stranger', Role::Apprentice);
        $office = $this->person($this->group(), 'office', Role::Administrator);

        $this->actingAs($this->instructor)->getJson('/api/people')->assertOk()->assertJsonCount(1)->assertJsonPath('0.name', 'Learner')->assertJsonPath('0.mayBeReset', true)->assertJsonPath('0.seenAt', null);
        $rows = (array) $this->actingAs($office)->getJson('/api/people')->assertOk()->json();
        self::assertSame([['Teacher', true], ['Learner', true], ['Stranger', true], ['Office', false]], array_map(static fn (array $row): array => [$row['name'], $row['mayBeReset']], $rows));
    }

    public function test_whoever_is_added_chooses_a_password_before_anything_else(): void
    {
        $given = $this->actingAs($this->instructor)->postJson('/api/people', ['name' => ' Ines Vogt ', 'signIn' => 'ines.vogt'])
            ->assertCreated()->assertJsonPath('name', 'Ines Vogt')->assertHeader('Cache-Control', 'no-store, private')->json('password');
        self::assertMatchesRegularExpression('/^([bdfgklmnprstvz][aeiou]){2}(-([bdfgklmnprstvz][aeiou]){2}){2}$/D', $given);
        self::assertSame(['Added a person' => 'Ines Vogt'], ['Added a person' => LogEntry::query()->sole()->about]);
        $this->app['auth']->forgetGuards();

        $this->postJson('/api/session', ['name' => 'ines.vogt', 'password' => $given])->assertOk()->assertJsonPath('choosesPassword', true)->assertJsonPath('role', 'apprentice');
        foreach (['jobs', 'lab', 'sign-ins'] as $path) {
            $this->getJson("/api/$path")->assertForbidden()->assertJsonPath('message', 'Choose a password of your own first.');
        }
        $this->putJson('/api/account/password', ['password' => $given])->assertStatus(422)->assertJsonPath('errors.password.0', 'This is the one you have already.');
        $this->putJson('/api/account/password', ['password' => 'three wet cobbles'])->assertOk()->assertJsonPath('choosesPassword', false);
        $this->getJson('/api/jobs')->assertOk();

        $this->app['auth']->forgetGuards();
        $this->postJson('/api/session', ['name' => 'ines.vogt', 'password' => $given])->assertStatus(422);
        $this->postJson('/api/session', ['name' => 'ines.vogt', 'password' => 'three wet cobbles'])->assertOk();
    }

    public function test_a_new_password_ends_what_was_open_and_the_old_one(): void
    {
        $open = SignIn::query()->create(['user_id' => $this->apprentice->id, 'address' => '10.0.0.7', 'began_at' => now(), 'seen_at' => now()]);
        $given = $this->actingAs($this->instructor)->postJson("/api/people/{$this->apprentice->id}/password")->assertOk()->assertJsonPath('signIn', 'learner')->json('password');

        self::assertNotNull($open->refresh()->ended_at);
        $this->app['auth']->forgetGuards();
        $this->postJson('/api/session', ['name' => 'learner', 'password' => 'secret words'])->assertStatus(422);
        $this->postJson('/api/session', ['name' => 'learner', 'password' => $given])->assertOk();
        $this->actingAs($this->instructor)->getJson('/api/people')->assertJsonPath('0.choosesPassword', true);
    }

    public function test_nobody_gives_what_is_not_theirs_to_give(): void
    {
        $office = $this->person($this->group(), 'office', Role::Administrator);
        $stranger = $this->person(Group::query()->create(['name' => 'Another class']), 'stranger', Role::Apprentice);
        $colleague = ['name' => 'A colleague', 'signIn' => 'colleague', 'role' => 'instructor'];

        $this->actingAs($this->instructor)->postJson('/api/people', $colleague)->assertForbidden();
        $this->actingAs($this->instructor)->postJson('/api/people', ['role' => 'administrator'] + $colleague)->assertForbidden();
        $this->actingAs($office)->postJson('/api/people', ['role' => 'administrator'] + $colleague)->assertForbidden();
        $this->actingAs($office)->postJson('/api/people', $colleague)->assertCreated();
        $this->actingAs($this->apprentice)->postJson('/api/people', [])->assertForbidden();
        foreach ([[$this->instructor, $stranger], [$this->instructor, $this->instructor], [$this->apprentice, $this->apprentice], [$office, $office]] as [$by, $person]) {
            $this->actingAs($by)->postJson("/api/people/$person->id/password")->assertForbidden();
        }
    }

    /** @return array<string, array{array<string, mixed>, string, string}> what is sent, the field, and what is said of it */
    public static function unfit(): array
    {
        return [
            'no name' => [['name' => '  ', 'signIn' => 'ines'], 'name', 'Write the name of that person.'],
            'a name of marks' => [['name' => '--', 'signIn' => 'ines'], 'name', 'Write the name of that person.'],
            'capitals' => [['name' => 'Ines', 'signIn' => 'Ines'], 'signIn', 'Two to forty small letters, digits, dots and dashes.'],
            'one letter' => [['name' => 'Ines', 'signIn' => 'i'], 'signIn', 'Two to forty small letters, digits, dots and dashes.'],
            'a line more' => [['name' => 'Ines', 'signIn' => "in\nes"], 'signIn', 'Two to forty small letters, digits, dots and dashes.'],
            'somebody else\'s' => [['name' => 'Ines', 'signIn' => 'learner'], 'signIn', 'Somebody signs in like that already.'],
        ];
    }

    /** @param  array<string, mixed>  $sent */
    #[DataProvider('unfit')]
    public function test_what_will_not_do_is_said_at_its_field(array $sent, string $field, string $said): void
    {
        $this->actingAs($this->instructor)->postJson('/api/people', $sent)->assertStatus(422)->assertJsonPath("errors.$field.0", $said);
        self::assertSame(2, User::query()->count());
    }

    /** @return array<string, array{string, ?string}> a password, and what is said against it */
    public static function passwords(): array
    {
        $short = 'Too short: at least 10 characters. Three or four words are easy to keep in mind.';
        $common = 'This is among the first that anybody tries. Take something that means nothing to others.';

        return [
            'nine' => ['abcdefgh1', $short], 'ten' => ['moss-gate7', null], 'letters of other scripts' => ['käsebrötchen', null], 'short ones of those' => ['ääääööööü', $short],
            'common' => ['Qwertyuiop', $common], 'common with digits' => ['Passwort2026!', $common], 'digits in order' => ['1234567890', $common], 'all the same' => ['aaaaaaaaaaaa', $common],
            'the own name' => ['learner2026', 'Your sign-in name with a little more is soon guessed. Take something else.'], 'with a whole sentence' => ['learner walks in the rain', null],
            'the same' => ['secret words', 'This is the one you have already.'],
        ];
    }

    #[DataProvider('passwords')]
    public function test_a_password_is_long_and_not_what_everybody_tries(string $password, ?string $said): void
    {
        $answer = $this->actingAs($this->apprentice)->putJson('/api/account/password', ['current' => 'secret words', 'password' => $password]);

        $said === null ? $answer->assertOk() : $answer->assertStatus(422)->assertJsonPath('errors.password.0', $said);
    }

    public function test_the_own_password_is_changed_with_the_one_there_was_and_tries_are_slowed(): void
    {
        for ($try = 1; $try <= 5; $try++) {
            $this->actingAs($this->apprentice)->putJson('/api/account/password', ['current' => 'guess', 'password' => 'three wet cobbles'])->assertStatus(422)->assertJsonPath('errors.current.0', 'This is not the password you have.');
        }
        $this->putJson('/api/account/password', ['current' => 'secret words', 'password' => 'three wet cobbles'])->assertStatus(429);
        $this->travel(10)->seconds();
        $elsewhere = SignIn::query()->create(['user_id' => $this->apprentice->id, 'address' => '10.0.0.7', 'began_at' => now(), 'seen_at' => now()]);
        $this->putJson('/api/account/password', ['current' => 'secret words', 'password' => 'three wet cobbles'])->assertOk();

        self::assertNotNull($elsewhere->refresh()->ended_at);
    }

    public function test_blanks_of_a_password_are_part_of_it(): void
    {
        $this->actingAs($this->apprentice)->putJson('/api/account/password', ['current' => 'secret words', 'password' => ' three wet cobbles '])->assertOk();
        $this->putJson('/api/account/password', ['current' => 'three wet cobbles', 'password' => 'four wet cobbles'])->assertStatus(422)->assertJsonPath('errors.current.0', 'This is not the password you have.');
        $this->putJson('/api/account/password', ['current' => ' three wet cobbles ', 'password' => 'four wet cobbles'])->assertOk();
    }

    public function test_everybody_writes_their_own_name(): void
    {
        $this->actingAs($this->apprentice)->putJson('/api/account', ['name' => 'Lena Learner'])->assertOk()->assertJsonPath('name', 'Lena Learner');
        $this->putJson('/api/account', ['name' => str_repeat('a', 81)])->assertStatus(422)->assertJsonPath('errors.name.0', 'This is too long.');
        $this->putJson('/api/account', ['name' => ''])->assertStatus(422)->assertJsonPath('errors.name.0', 'Write your name.');

        self::assertSame('Lena Learner', $this->apprentice->refresh()->name);
        self::assertSame('Learner', LogEntry::query()->sole()->about);
    }

    public function test_passwords_for_once_are_not_the_same_twice(): void
    {
        self::assertCount(100, array_unique(array_map(static fn (): string => Passwords::forOnce(), range(1, 100))));
    }
}
