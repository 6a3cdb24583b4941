<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** What a page says when something goes wrong: what happened, what is kept, and what to do; never more than is so. */
final class TroubleTest extends BrowserTestCase
{
    private const AWAY = 'The server does not answer. What was stored before is kept';

    private const MISTAKE = 'The server made a mistake, and this was not done. What was stored before is kept.';

    /** @return array<string, array{string, string, string}> sign-in name, path, where its data come from */
    public static function pages(): array
    {
        return [
            'jobs' => ['cem', '/jobs', '/api/jobs'], 'bay' => ['cem', '/bay/3', '/api/attempts/3'], 'report' => ['arlo', '/report/1', '/api/attempts/1/report'], 'handbook' => ['arlo', '/handbook', '/api/handbook'],
            'lab' => ['arlo', '/lab', '/api/lab'], 'own progress' => ['arlo', '/progress', '/api/account/progress'], 'cases' => ['kessel', '/cases', '/api/cases'], 'bench' => ['kessel', '/cases/2', '/api/cases/2'],
            'attempts' => ['kessel', '/cases/1/attempts', '/api/cases/1/attempts'], 'people' => ['kessel', '/people', '/api/people'], 'marks' => ['kessel', '/marks', '/api/groups/1/marks'], 'log' => ['amsel', '/log', '/api/log*'],
            'own cars' => ['kessel', '/vehicles', '/api/vehicles'], 'lesson' => ['kessel', '/lesson', '/api/groups'], 'sign-ins' => ['arlo', '/sign-ins', '/api/sign-ins'],
        ];
    }

    #[DataProvider('pages')]
    public function test_a_page_whose_server_is_away_says_so_and_comes_when_it_is_back(string $signIn, string $path, string $data): void
    {
        $person = $this->person()->signIn($signIn);
        $window = new ChromeDevToolsDriver($person->browser);
        $window->execute('Network.enable');
        $window->execute('Network.setBlockedURLs', ['urls' => ["*$data"]]);
        $person->open($path)->see(self::AWAY)->see('Try again')->see('Lernfall');
        self::assertNotSame('Lernfall', $person->browser->getTitle());
        $window->execute('Network.setBlockedURLs', ['urls' => []]);
        $person->press('Try again')->doNotSee(self::AWAY);
    }

    public function test_a_page_that_cannot_be_loaded_any_more_is_no_empty_page(): void
    {
        $person = $this->person()->signIn('cem')->see('My jobs')->still();
        $window = new ChromeDevToolsDriver($person->browser);
        $window->execute('Network.enable');
        $window->execute('Network.setBlockedURLs', ['urls' => ['*/assets/HandbookPage*']]);
        $person->press('Handbook')->see(self::AWAY);
        $window->execute('Network.setBlockedURLs', ['urls' => []]);
        $person->press('Try again')->see('Sensors and order of work');
    }

    public function test_a_mistake_of_the_server_is_said_as_that(): void
    {
        $person = $this->person()->signIn('kessel');
        $window = new ChromeDevToolsDriver($person->browser);
        $added = $window->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            const sent = window.fetch;
            window.fetch = (...asked) => (asked[0].url ?? asked[0]).endsWith('/api/people') ? Promise.resolve(new Response('{"message":"Server Error"}', { status: 500, headers: { 'Content-Type': 'application/json' } })) : sent(...asked);
            JS]);
        $person->open('/people')->see(self::MISTAKE)->see('Try again')->doNotSee('Server Error');
        $window->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $added['identifier'] ?? '']);
    }

    public function test_whoever_was_signed_out_signs_in_over_the_page_and_what_was_written_stays(): void
    {
        $person = $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->press('Groups')->fill('One more group', 'Night class');
        $this->signedOut($person);
        $person->press('Make it')->see('You were signed out. What stands on the page behind this stays')->fill('Password', 'wrong words here')->press('Sign in')->see('do not belong together')
            ->fill('Password', 'lindenhof')->press('Sign in')->doNotSee('You were signed out.');
        self::assertSame('Night class', $person->browser->executeScript('return [...document.querySelectorAll("input")].find((one) => one.value === "Night class")?.value'));
        $person->press('Make it')->see('0 apprentices');
    }

    public function test_a_page_of_somebody_else_says_whose_it_is_not_and_leads_home(): void
    {
        $person = $this->person()->signIn('cem')->open('/report/1')->see('This belongs to somebody else, and nothing was changed.')->press('To where I began')->see('My jobs');
        $person->open('/bay/999')->see('There is nothing here.')->press('To where I began')->see('My jobs');
    }

    private function signedOut(Person $person): void
    {
        $person->browser->manage()->deleteAllCookies();
    }
}
