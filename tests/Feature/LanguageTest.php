<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Strings;
use Illuminate\Support\Facades\App;

/** A language is a file of words: everything follows the reader's browser, and what is not translated stays English. */
final class LanguageTest extends FeatureTestCase
{
    private string $folder = '';

    protected function setUp(): void
    {
        parent::setUp();
        $this->folder = sys_get_temp_dir().'/lernfall-words-'.bin2hex(random_bytes(6));
        mkdir($this->folder);
        copy(lang_path('en.json'), "$this->folder/en.json");
        file_put_contents("$this->folder/de.json", json_encode([
            'locale.formats' => 'de-DE', 'invalid-fault.out-of-range' => 'Die Stärke von „{{kind}}“ liegt zwischen {{least}} und {{greatest}} ({{unit}})',
        ]));
        App::useLangPath($this->folder);
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), glob("$this->folder/*") ?: []);
        rmdir($this->folder);
        parent::tearDown();
    }

    public function test_a_complaint_is_answered_in_the_language_the_browser_asks_for(): void
    {
        $tooFar = [...$this->document(), 'faults' => [['kind' => 'gap-large', 'channel' => 'FR', 'strength' => 1.5]]];
        $this->actingAs($this->instructor);

        $german = $this->postJson('/api/cases', $tooFar, ['Accept-Language' => 'de-AT,de;q=0.9,en;q=0.5'])->assertUnprocessable();
        self::assertSame('Die Stärke von „gap-large“ liegt zwischen 0,0001 und 0,004 (metres)', $german->json('message'));
        $english = $this->postJson('/api/cases', $tooFar, ['Accept-Language' => 'fr,en;q=0.5'])->assertUnprocessable();
        self::assertSame("the strength of 'gap-large' lies between 0.0001 and 0.004 (metres)", $english->json('message'));
    }

    public function test_numbers_are_written_as_the_reader_writes_them_and_missing_texts_stay_english(): void
    {
        App::setLocale('de');

        self::assertSame('1325,50', Strings::number(1325.5, 2));
        self::assertSame('1 325,5', Strings::number(1325.5, 1, ' '));
        self::assertSame('0,0001', Strings::number(0.0001));
        self::assertSame(Strings::text('error.forbidden'), (function (): string {
            App::setLocale('en');

            return Strings::text('error.forbidden');
        })());
        self::assertSame('1325.50', Strings::number(1325.5, 2));
    }

    public function test_the_page_says_its_language(): void
    {
        $this->get('/sign-in', ['Accept-Language' => 'de'])->assertOk()->assertSee('<html lang="de">', false);
    }
}
