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

    /** One after the other, before it is believed that no answer is under way any more. */
    private const LOOKS_WITHOUT_COOKIE = 15;

    /** @return array<string, array{string, string, string}> sign-in name, path, where its data come from */
    public static function pages(): array
    {
        return [
            'jobs' => ['cem', '/jobs', '/api/jobs'], 'bay' => ['cem', '/bay/3', '/api/attempts/3'], 'report' => ['arlo', '/report/1', '/api/attempts/1/report'], 'handbook' => ['arlo', '/handbook', '/api/handbook'],
            'lab' => ['arlo', '/lab', '/api/lab'], 'road lab' => ['arlo', '/lab/road', '/api/road-lab'], 'own progress' => ['arlo', '/progress', '/api/account/progress'], 'cases' => ['kessel', '/cases', '/api/cases'], 'bench' => ['kessel', '/cases/2', '/api/cases/2'],
            'attempts' => ['kessel', '/cases/1/attempts', '/api/cases/1/attempts'], 'people' => ['kessel', '/people', '/api/people'], 'marks' => ['kessel', '/marks', '/api/groups/1/marks'], 'log' => ['amsel', '/log', '/api/log*'],
            'own cars' => ['kessel', '/vehicles', '/api/vehicles'], 'lesson' => ['kessel', '/lesson', '/api/groups'], 'sign-ins' => ['arlo', '/sign-ins', '/api/sign-ins'],
        ];
    }

    #[DataProvider('pages')]
    public function test_a_page_says_that_its_server_is_away_or_made_a_mistake_and_comes_back_after_signing_in_again(string $signIn, string $path, string $data): void
    {
        $person = $this->person()->signIn($signIn);
        $window = new ChromeDevToolsDriver($person->browser);
        $window->execute('Network.enable');
        $window->execute('Network.setBlockedURLs', ['urls' => ["*$data"]]);
        $person->open($path)->see(self::AWAY)->see('Try again')->see('Lernfall');
        self::assertNotSame('Lernfall', $person->browser->getTitle());
        $window->execute('Network.setBlockedURLs', ['urls' => []]);
        $person->press('Try again')->doNotSee(self::AWAY);

        $added = $window->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => str_replace('DATA', rtrim($data, '*'), <<<'JS'
            const sent = window.fetch;
            window.fetch = (...asked) => new URL(asked[0].url ?? asked[0], location.href).pathname === 'DATA' ? Promise.resolve(new Response('{"message":"Server Error"}', { status: 500, headers: { 'Content-Type': 'application/json' } })) : sent(...asked);
            JS)]);
        $person->open($path)->see(self::MISTAKE)->see('Try again')->doNotSee('Server Error');
        $window->execute('Page.removeScriptToEvaluateOnNewDocument', ['identifier' => $added['identifier'] ?? '']);

        $person->browser->wait(60, 50)->until(function () use ($person, $window, $path): bool {
            $this->left($person, $window);

            return str_contains($person->open($path)->seeLike('~Sign-in name|Sign out~')->page(), 'Sign-in name');
        });
        $person->see('Sign-in name')->fill('Sign-in name', $signIn)->fill('Password', 'lindenhof')->press('Sign in')->doNotSee('Sign-in name');
        self::assertSame($path, parse_url($person->browser->getCurrentURL(), PHP_URL_PATH), 'back where one was');
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

    public function test_whoever_was_signed_out_signs_in_over_the_page_and_what_was_written_stays(): void
    {
        $person = $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->press('Groups')->fill('One more group', 'Night class');
        $this->signedOut($person);
        $person->press('Make it')->see('You were signed out. What stands on the page behind this stays');
        $this->fitsEverywhere($person)->fill('Password', 'wrong words here')->press('Sign in')->see('do not belong together')
            ->fill('Password', 'lindenhof')->press('Sign in')->doNotSee('You were signed out.');
        self::assertSame('Night class', $person->browser->executeScript('return [...document.querySelectorAll("input")].find((one) => one.value === "Night class")?.value'));
        $person->press('Make it')->see('0 apprentices');
    }

    public function test_a_page_of_somebody_else_says_whose_it_is_not_and_leads_home(): void
    {
        $person = $this->person()->signIn('cem')->open('/report/1')->see('This belongs to somebody else, and nothing was changed.')->press('To where I began')->see('My jobs');
        $person->open('/bay/999')->see('There is nothing here.')->press('To where I began')->see('My jobs');
    }

    /** @return array<string, array{string, string}> sign-in name, a page of somebody else */
    public static function foreign(): array
    {
        return ['bay' => ['arlo', '/bay/3'], 'report' => ['cem', '/report/1']];
    }

    #[DataProvider('foreign')]
    public function test_whose_a_page_is_not_is_said_and_nothing_of_it_is_shown(string $signIn, string $path): void
    {
        $this->person()->signIn($signIn)->open($path)->see('This belongs to somebody else, and nothing was changed.')->press('To where I began')->see('Sign out');
    }

    public function test_a_job_that_was_taken_back_meanwhile_is_not_begun_and_says_why(): void
    {
        $person = $this->person()->signIn('dilan')->open('/jobs')->see("The glazier's Lendo")->still();
        $first = $person->browser->getWindowHandle();
        $kessel = $this->another()->signIn('kessel')->open('/cases')->press('Pump dead: for a brake specialist')->press('Attempts')->press('Take back')->see('Do it')->press('Do it')->see('taken back');
        self::assertNotSame('', $kessel->page());
        $person->browser->switchTo()->window($first);
        $person->pressIn("The glazier's Lendo", 'Start the job')->see('This job cannot be begun: it was taken back');
    }

    /** Away from every page and without a cookie: an answer under way brings it back, so that it is looked for until it stays away. */
    private function left(Person $person, ChromeDevToolsDriver $window): void
    {
        $person->browser->get('about:blank');
        for ($without = 0; $without < self::LOOKS_WITHOUT_COOKIE; $without++) {
            if (($window->execute('Network.getAllCookies')['cookies'] ?? []) !== []) {
                $window->execute('Network.clearBrowserCookies');
                $without = 0;
            }
            usleep(50_000);
        }
    }

    private function signedOut(Person $person): void
    {
        $person->browser->manage()->deleteAllCookies();
    }
}
