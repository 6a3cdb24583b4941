<?php

declare(strict_types=1);

namespace Tests\Browser;

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
