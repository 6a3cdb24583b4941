<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** Somebody new comes into the class, and chooses a password. */
final class PeopleTest extends BrowserTestCase
{
    /** @var list<string> */
    private array $files = [];

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
            ->see('Bente Sand gets a password for once and is signed out everywhere.')->press('Do it')->see('It stands on the sign-in cards as well')->press('I have noted it')->see('no own one chosen yet');
        $person->open('/people/cards')->see('Bente Sand')->open('/log')->see('Gave a new password to');
    }

    public function test_a_class_comes_in_from_a_file_with_two_bad_rows_once_they_are_mended(): void
    {
        $person = $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->press('From a file')->see('A table as any spreadsheet saves it');
        $this->choose($person, "Name;Group;Sign-in\nAda \xd6z;Evening class;ada\nJ\xf6rg K\xfchn;;\n=1+1;;sum\nBen Roe;;Ben Roe\n");
        $person->see('2 of 4 rows cannot be taken.')->see('Begins like a formula of a spreadsheet.')->see('Two to forty small letters')->see('New groups: Evening class.')->see('Read as Windows-1252, semicolons between the columns.')->doNotSee('Add all');

        $this->choose($person, "Name;Group;Sign-in\nAda \xd6z;Evening class;ada\nJ\xf6rg K\xfchn;;\nBen Roe;;ben.roe\n");
        $person->see('3 people can be added.')->press('Add all 3')->see('A card each')->see('Ada Öz')->see('jorg.kuhn')->see('ben.roe');
        $person->press('Back to the people')->see('Jörg Kühn')->select('Shown', 'Evening class')->doNotSee('Jörg Kühn')->see('Ada Öz');
        $person->press('Change the groups of Ada Öz')->see('Keep these')->tick('Lindenhof school, second year')->press('Keep these')->see('Evening class, Lindenhof school, second year');
    }

    private function choose(Person $person, string $bytes): void
    {
        $file = sys_get_temp_dir().'/roster-'.uniqid().'.csv';
        file_put_contents($file, $bytes);
        $person->browser->findElement(WebDriverBy::cssSelector('input[type=file]'))->sendKeys($file);
        $this->files[] = $file;
    }

    protected function tearDown(): void
    {
        array_map(unlink(...), $this->files);
        parent::tearDown();
    }
}
