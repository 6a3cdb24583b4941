<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeDriver;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** What was written on the bench and not kept outlives leaving, signing out and a server that went away. */
final class UnkeptCaseTest extends BrowserTestCase
{
    public function test_what_was_written_is_there_again(): void
    {
        $person = $this->person()->signIn('kessel')->press('Compose a case')->see('No fault chosen yet')->choose('Place', 'Loom')->fill('Job title', 'The potter\'s')->see('(lies safe)')
            ->press('Sign out')->see('Sign-in name');
        $person = $this->person()->signIn('kessel')->press('Compose a case')->see('where the fault sits')->see('not kept yet');
        self::assertSame('The potter\'s', $person->browser->executeScript('return [...document.querySelectorAll("label")].find((one) => one.textContent === "Job title").parentElement.querySelector("input").value'));

        $person->fill('Your name for it', 'Loom')->fill('Complaint', 'A lamp.')->press('Back to the cases')->see('Compose a case');
        $person->press('Compose a case')->see('not kept yet')->press('Keep')->see('kept')->doNotSee('not kept yet');
        $person->open('/cases/new')->see('No fault chosen yet');
    }

    /** Whoever is back at once finds what was written last, though the server has not answered for what was written before. */
    public function test_what_was_written_last_is_there_for_whoever_comes_back_at_once(): void
    {
        $person = $this->another()->signIn('kessel');
        (new ChromeDevToolsDriver($person->browser))->execute('Page.addScriptToEvaluateOnNewDocument', ['source' => <<<'JS'
            const sent = window.fetch;
            window.held = [];
            window.fetch = (request, ...more) =>
                request.method === 'PUT' && request.url.includes('/sheet') && window.held !== null
                    ? new Promise((go) => window.held.push(go)).then(() => sent(request, ...more))
                    : sent(request, ...more);
            JS]);
        $person->open('/cases/5')->see('What the apprentice will meet')->fill('Your name for it', 'Held up');
        $person->browser->wait(60, 50)->until(static fn (ChromeDriver $browser): bool => $browser->executeScript('return window.held.length === 1'), 'nothing was laid');
        $person->fill('Complaint', 'Written last.')->press('Back to the cases')->see('Compose a case');
        $person->browser->executeScript('history.back()');
        $person->see('Lernfall');
        $person->browser->executeScript('window.held.forEach((go) => go()); window.held = null');
        $person->see('What the apprentice will meet');
        self::assertSame('Written last.', $person->browser->executeScript('return document.querySelector("textarea").value'));
        $person->press('Throw away')->press('Do it')->see('kept, version 1');
    }

    public function test_a_change_waits_for_a_server_that_went_away_and_can_be_thrown_away(): void
    {
        $person = $this->person()->signIn('kessel')->open('/cases/4')->see('What the apprentice will meet');
        $this->reaches($person, false);
        $person->fill('Job title', 'Another title')->see('The server does not answer. What you wrote is still here and is tried again.');
        $this->reaches($person, true);
        $person->see('(lies safe)')->open('/cases/4')->see('not kept yet');

        $person->press('Throw away')->see('the case is as it was kept')->press('Do it')->doNotSee('not kept yet')->open('/cases/4')->see('What the apprentice will meet')->doNotSee('not kept yet');
    }

    /** Whether this browser reaches the server. */
    private function reaches(Person $person, bool $online): void
    {
        $person->browser->executeCustomCommand('/session/:sessionId/chromium/network_conditions', 'POST', ['network_conditions' => ['offline' => ! $online, 'latency' => 0, 'throughput' => 100_000_000]]);
    }
}
