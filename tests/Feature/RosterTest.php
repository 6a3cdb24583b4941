<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Roster\Roster;
use App\Models\Group;
use App\Models\User;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;

/** Many people at once from a table, however another program has written it; all of them or nobody. Quoting as in RFC 4180. */
final class RosterTest extends FeatureTestCase
{
    /** @return array<string, array{string, string, string}> the bytes, the encoding, what is between the columns */
    public static function files(): array
    {
        $rows = static fn (string $between): string => implode("\r\n", ["Name{$between}Group{$between}Sign-in", "\"Öz, Ada; jr. \"\"A\"\"\"{$between}A class{$between}ada", "Jörg Kühn{$between}{$between}", '']);

        return [
            'commas' => [$rows(','), 'UTF-8', ','],
            'semicolons with a mark' => ["\xEF\xBB\xBF".$rows(';'), 'UTF-8', ';'],
            'tabs, two bytes a letter' => ["\xFF\xFE".mb_convert_encoding($rows("\t"), 'UTF-16LE', 'UTF-8'), 'UTF-16LE', "\t"],
            'the other way round' => ["\xFE\xFF".mb_convert_encoding($rows(';'), 'UTF-16BE', 'UTF-8'), 'UTF-16BE', ';'],
            'without a mark' => [mb_convert_encoding($rows(';'), 'UTF-16LE', 'UTF-8'), 'UTF-16LE', ';'],
            'one byte a letter' => [mb_convert_encoding($rows(';'), 'Windows-1252', 'UTF-8'), 'Windows-1252', ';'],
        ];
    }

    #[DataProvider('files')]
    public function test_it_is_read_whatever_wrote_it(string $bytes, string $encoding, string $delimiter): void
    {
        $this->sent('roster-check', $bytes)->assertOk()->assertJson([
            'encoding' => $encoding, 'delimiter' => $delimiter, 'newGroups' => [], 'needsGroup' => true,
            'rows' => [
                ['line' => 2, 'name' => 'Öz, Ada; jr. "A"', 'signIn' => 'ada', 'group' => 'A class', 'problem' => null],
                ['line' => 3, 'name' => 'Jörg Kühn', 'signIn' => 'jorg.kuhn', 'group' => '', 'problem' => null],
            ],
        ]);
        self::assertSame(2, User::query()->count(), 'nobody is added by looking');
    }

    public function test_without_headings_the_order_is_name_sign_in_group(): void
    {
        $this->sent('roster-check', "Ada Öz;ada;Evening class\nJörg Kühn\n")->assertOk()
            ->assertJsonPath('rows.*.signIn', ['ada', 'jorg.kuhn'])->assertJsonPath('rows.*.group', ['Evening class', ''])->assertJsonPath('newGroups', ['Evening class']);
    }

    public function test_every_bad_row_says_why_and_nobody_is_added(): void
    {
        Group::query()->create(['name' => 'Another class']);
        $file = implode("\n", ['name;sign-in;group', 'Ada Öz;ada;A class', '=1+1;sum;', ';nobody;', 'Ben Roe;Ben Roe;', 'Learner;learner;', "Ada\tTwo;ada;", 'Cleo Fox;cleo;Another class', 'Dora Hill;dora;@group']);
        $this->sent('roster-check', $file)->assertOk()->assertJsonPath('rows.*.problem', [
            null, 'Begins like a formula of a spreadsheet.', 'Has no name that could be read.', 'Two to forty small letters, digits, dots and dashes.', 'Somebody signs in like that already.',
            'Has no name that could be read.', 'This group belongs to somebody else.', 'Begins like a formula of a spreadsheet.',
        ]);
        $this->sent('roster', $file)->assertStatus(422)->assertJsonPath('errors.csv.0', 'Some rows cannot be taken, so nobody was added. Mend them in the file and choose it again.');
        self::assertSame(2, User::query()->count());

        $this->sent('roster-check', "name;sign-in\nAda Öz;ada\n\nBen Roe;ada")->assertOk()->assertJsonPath('rows.1.problem', 'Signs in like the one in line 2.')->assertJsonPath('rows.1.line', 4);
    }

    public function test_all_come_in_with_a_password_for_once_and_their_groups(): void
    {
        $file = "Name;Group\nAda Öz;Evening class\nJörg Kühn;\nJorg Kuhn;A class";
        $this->sent('roster', $file)->assertStatus(422)->assertJsonPath('errors.group.0', 'Choose one of your groups.');
        $added = $this->sent('roster', $file, $this->group()->id)->assertCreated()->assertHeader('Cache-Control', 'no-store, private')->json();

        self::assertSame(['ada.oz', 'jorg.kuhn', 'jorg.kuhn2'], array_column($added, 'signIn'));
        $this->getJson('/api/people')->assertJsonPath('*.groups.*.name', ['Evening class', 'A class', 'A class', 'A class'])->assertJsonPath('*.name', ['Ada Öz', 'Jorg Kuhn', 'Jörg Kühn', 'Learner']);
        $this->getJson('/api/groups')->assertJsonPath('*.instructors', [['Teacher'], ['Teacher']]);
        $this->app['auth']->forgetGuards();
        $this->postJson('/api/session', ['name' => 'jorg.kuhn', 'password' => $added[1]['password']])->assertOk()->assertJsonPath('choosesPassword', true);
    }

    /** Cards can be printed until somebody has signed in and chosen. */
    public function test_cards_are_of_those_who_have_no_own_password_yet(): void
    {
        $added = $this->sent('roster', "Ada Öz\nBen Roe", $this->group()->id)->assertCreated()->json();
        $this->getJson('/api/people/cards')->assertOk()->assertHeader('Cache-Control', 'no-store, private')->assertExactJson($added);
        $this->actingAs(User::query()->where('sign_in', 'ada.oz')->sole())->putJson('/api/account/password', ['password' => 'three wet cobbles'])->assertOk();

        $this->actingAs($this->instructor)->getJson('/api/people/cards')->assertExactJson([$added[1]]);
        self::assertNull(User::query()->where('sign_in', 'ada.oz')->sole()->for_once);
        self::assertStringNotContainsString((string) $added[1]['password'], (string) User::query()->where('sign_in', 'ben.roe')->sole()->for_once);
    }

    /** @return array<string, array{string, string}> the bytes, and what is said of them */
    public static function useless(): array
    {
        return [
            'nothing but headings' => ["name;group\n", 'Nobody is in this file: it needs a name in every row.'],
            'empty lines' => ["\n\n;;\n", 'Nobody is in this file: it needs a name in every row.'],
            'ten thousand' => [str_repeat("Ada Öz\n", 10000), 'So many at once are not taken: at most '.Roster::MOST_PEOPLE.'.'],
            'too large' => [str_repeat('a', Roster::MOST_BYTES + 3), 'This file is too large: up to 256 kB are read.'],
            'a picture' => ["\x89PNG\r\n\x1a\n".str_repeat("\x00\xff\x13", 40), ''],
        ];
    }

    #[DataProvider('useless')]
    public function test_what_is_no_roster_is_said_and_adds_nobody(string $bytes, string $said): void
    {
        $answer = $this->sent('roster', $bytes, $this->group()->id)->assertStatus(422);
        self::assertNotSame('', (string) $answer->json('errors.csv.0'));
        $said === '' || $answer->assertJsonPath('errors.csv.0', $said);
        self::assertSame(2, User::query()->count());
    }

    private function sent(string $path, string $bytes, ?int $group = null): TestResponse
    {
        return $this->actingAs($this->instructor)->postJson("/api/people/$path", ['csv' => base64_encode($bytes), 'group' => $group]);
    }
}
