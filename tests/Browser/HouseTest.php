<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Who is signed in where, and what happened. */
final class HouseTest extends BrowserTestCase
{
    public function test_an_instructor_ends_what_an_apprentice_left_open_and_the_office_reads_of_it(): void
    {
        $person = $this->person()->signIn('bente')->open('/jobs')->see('My jobs');
        $bentes = $person->browser->manage()->getCookies();
        $person->signIn('kessel')->open('/sign-ins')->see('Bente Sand')->see('this one');
        $label = $person->browser->executeScript('return [...document.querySelectorAll("button")].map((one) => one.getAttribute("aria-label") ?? "").find((one) => one.includes("Bente"))');
        $person->press($label)->see('Bente Sand has to sign in again there.')->press('Do it')->doNotSee('Bente Sand');

        $person->browser->manage()->deleteAllCookies();
        foreach ($bentes as $cookie) {
            $person->browser->manage()->addCookie($cookie);
        }
        $person->open('/jobs')->see('Password');

        $person->signIn('amsel')->open('/log')->see('Ended a sign-in')->press('What wants a second look')->doNotSee('Ended a sign-in')->press('Everything')->see('127.0.0.1');
    }
}
