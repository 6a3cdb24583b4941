<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Somebody new comes into the class, and chooses a password. */
final class PeopleTest extends BrowserTestCase
{
    public function test_somebody_is_added_signs_in_with_a_password_for_once_and_chooses_an_own_one(): void
    {
        $person = $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->press('Add a person');
        $person->press('Add')->see('Write the name of that person.')->see('Two to forty small letters')
            ->fill('Name', 'Ines Vogt')->fill('Signs in as', 'ines')->press('Add')->see('Password for once');
        $password = $person->browser->executeScript('return [...document.querySelectorAll("[role=dialog] dd")].at(-1).textContent');
        $person->press('I have noted it')->see('no own one chosen yet')->press('Sign out')->see('Password');

        $person->fill('Sign-in name', 'ines')->fill('Password', $password)->press('Sign in')->see('the one you came with was for once')
            ->fill('New password', 'short')->fill('The new one again', 'shorter')->press('Take this password')->see('These two are not the same.')
            ->fill('The new one again', 'short')->press('Take this password')->see('Too short: at least 10 characters.')
            ->fill('New password', 'three wet cobbles')->fill('The new one again', 'three wet cobbles')->press('Take this password')->see('My jobs');

        $person->open('/account')->see('You sign in as ines; that stays.')->fill('Name', 'Ines Vogt-Sand')->press('Change the name')->see('✓ Changed.')
            ->fill('The password you have', 'three dry cobbles')->fill('New password', 'four wet cobbles')->fill('The new one again', 'four wet cobbles')->press('Change the password')->see('This is not the password you have.');
    }

    public function test_whoever_has_lost_a_password_gets_one_for_once(): void
    {
        $person = $this->person()->signIn('kessel')->open('/people')->see('Bente Sand')->press('New password for Bente Sand')
            ->see('Bente Sand gets a password for once and is signed out everywhere.')->press('Do it')->see('Note it now')->press('I have noted it')->see('no own one chosen yet');
        $person->open('/log')->see('Gave a new password to');
    }
}
