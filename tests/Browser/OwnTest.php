<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDriver;
use Tests\Browser\Support\BrowserTestCase;

/** What belongs to one alone: how numbers and letters are, the own data, progress; cars of one's own; grades of the school's own. */
final class OwnTest extends BrowserTestCase
{
    public function test_a_car_of_ones_own_is_refused_for_a_false_alarm_then_accepted_and_used(): void
    {
        $person = $this->person()->signIn('kessel')->open('/vehicles')->see('You have built no car yet.')->press('Copy a car')->see('Find a value')
            ->select('Copied from', 'Harl 1.3')->fill('Name, as it stands on the job', 'Workshop car 4')->fill('Find a value', 'front right gap millimetres')->fill('gap millimetres (mm)', '2.2')
            ->press('Keep it and drive it')->see('not used, it sets codes with nothing wrong:')->see('front right, no signal');
        $person->open('/cases/1')->see('What the apprentice will meet')->doNotSee('Workshop car 4');
        $person->open('/vehicles')->press('Change Workshop car 4')->see('1 changed')->fill('Find a value', 'front right gap millimetres')->fill('gap millimetres (mm)', '0,8')->press('Keep it and drive it')->see('no code: can be used')->press('Delete Workshop car 4')->see('Cases that were made with it keep their values.');
        $this->fitsEverywhere($person)->press('Not yet');
        $person->open('/cases/1')->see('What the apprentice will meet')->select('Car', 'Workshop car 4 (own)')->see('1 changed')->press('Keep')->see('kept')
            ->press('Values of the car')->see('Find a value')->see('own 0.62')->press("Back to the car's own: gap millimetres")->doNotSee('1 changed');
    }

    public function test_numbers_and_letters_are_as_one_wants_them_and_what_is_kept_is_said(): void
    {
        $person = $this->person()->signIn('arlo')->open('/report/1')->see('of 100 points')->open('/account')->see('Decimal sign')->tick('comma: 1,25')->see('✓ kept')->tick('Larger type')->see('✓ kept');
        $person->browser->wait(60)->until(static fn (ChromeDriver $browser): bool => $browser->executeScript('return document.documentElement.classList.contains("larger-type")'), 'the letters have not grown');
        self::assertStringContainsString(',', $person->open('/progress')->see('By what is marked')->see('marked jobs: 1')->page());
        $person->open('/account')->press('What is kept, and who sees it')->see('practice: a school year');
        self::assertSame('Arlo Winter', $person->browser->executeAsyncScript('const done = arguments[0]; fetch("/api/account/data").then((answer) => answer.json()).then((data) => done(data.person.name))'));
    }

    public function test_the_office_sets_grades_and_deletes_somebody_wholly(): void
    {
        $person = $this->person()->signIn('amsel')->open('/marks')->see('Bente Sand')->press('Grades')->see('Table of grades')->fill('Percent and grade', '50 pass')->press('Keep the table')->see('The lowest grade begins at 0 percent')
            ->fill('Percent and grade', "0 fail\nfifty pass")->press('Keep the table')->see('Line 2: write a percentage')->fill('Percent and grade', "50 pass\n0 fail")->press('Keep the table')->see('grade ');
        $person->press('How the group does')->see('By what is marked')->see('Mistakes known by name');
        $person->open('/people')->see('Dilan Ott')->press('Delete Dilan Ott')->see('Nothing of Dilan Ott is left')->press('Do it')->doNotSee('Dilan Ott');
    }

    public function test_two_instructors_have_a_case_and_the_second_is_told_what_changed(): void
    {
        $office = $this->person()->signIn('amsel')->open('/people')->see('Arlo')->press('Add a person')->fill('Name', 'Tilo Brandt')->fill('Signs in as', 'brandt')->select('Role', 'instructor')->press('Add')->see('Password for once');
        $password = $office->browser->executeScript('return [...document.querySelectorAll("[role=dialog] dd")].at(-1).textContent');
        $kessel = $this->person()->signIn('kessel')->open('/cases')->press('More for Green pin, rear left')->item('Share')->see('It belongs to')->tick('Tilo Brandt')->press('Keep this')->see('shared with Tilo Brandt')
            ->open('/cases/2')->see('What the apprentice will meet');
        $brandt = $this->another()->open('/sign-in')->fill('Sign-in name', 'brandt')->fill('Password', $password)->press('Sign in')->see('for once')
            ->fill('New password', 'three wet cobbles')->fill('The new one again', 'three wet cobbles')->press('Take this password')->see('made by Marta Kessel');
        $brandt->open('/cases/2')->see('What the apprentice will meet')->fill('Job title', 'As Brandt has it')->press('Keep')->see('kept, version 1');
        $kessel->fill('Job title', 'As Kessel has it')->press('Keep')->see('Changed meanwhile')->see('Tilo Brandt has changed this case')->see('Yours and theirs differ in: job title.');
        $this->fitsEverywhere($kessel)->press('Take theirs, throw mine away')->doNotSee('Changed meanwhile');
        self::assertStringContainsString('As Brandt has it', $kessel->browser->executeScript('return [...document.querySelectorAll("input")].find((one) => one.value.includes("has it")).value'));
    }
}
