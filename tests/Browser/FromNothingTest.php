<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\DemoServer;
use Tests\Browser\Support\Person;

/** A school begins: from a database with nobody in it to two apprentices with a car each. */
final class FromNothingTest extends BrowserTestCase
{
    protected static function served(): DemoServer
    {
        return DemoServer::start(isEmpty: true);
    }

    public function test_a_school_begins_with_one_command_and_hands_out_a_varied_case(): void
    {
        preg_match('/signs in with (\S+)/', self::$server->artisan('accounts:administrator', 'office', 'Ada Office'), $office);
        $person = $this->person();
        $this->enters($person, 'office', $office[1] ?? '')->see('Add a person')->press('Groups')->fill('One more group', 'First year')->press('Make it')->see('0 apprentices')->press('Close');
        $passwords = [];
        foreach (['ina' => ['Ina Holt', 'instructor'], 'tom' => ['Tom Rook', 'apprentice'], 'una' => ['Una Fell', 'apprentice']] as $signIn => [$name, $role]) {
            $person->press('Add a person')->fill('Name', $name)->fill('Signs in as', $signIn)->select('Role', $role)->press('Add')->see('Password for once');
            $passwords[$signIn] = (string) $person->browser->executeScript('return [...document.querySelectorAll("[role=dialog] dd")].at(-1).textContent');
            $person->press('I have noted it')->see($name);
        }

        $this->comesForTheFirstTime($person, 'ina', $passwords['ina'])->see('Compose a case')->press('Compose a case')->see('No fault chosen yet')->select('Car', 'Harl 1.3')
            ->choose('Place', 'Sensor')->see('where the fault sits')->choose('Fault', 'Coil open')->choose('Corner', 'FL')
            ->fill('Your name for it', 'Monday morning')->fill('Job title', 'The cooper’s Harl')->fill('Complaint, as the customer says it', 'Two yellow lamps.')
            ->press('Publish')->see('To whom')->press('Give it out')->see('kept, version 1')->press('Attempts')->see('Not begun: Tom Rook, Una Fell');

        $tom = $this->comesForTheFirstTime($this->another(), 'tom', $passwords['tom'])->pressIn('The cooper’s Harl', 'Start the job')->see('Two yellow lamps.');
        $una = $this->comesForTheFirstTime($this->another(), 'una', $passwords['una'])->pressIn('The cooper’s Harl', 'Start the job')->see('Two yellow lamps.');
        self::assertNotSame($tom->browser->getCurrentURL(), $una->browser->getCurrentURL());
        $places = static fn (string $page): int => preg_match_all('/(Front|Rear) (left|right): (as composed|same place|opposite|other axle|crosswise)/i', $page);
        $person->see('Tom Rook')->see('Una Fell')->seeLike('~(opposite|other axle|crosswise|same place)~i');
        self::assertSame(2, $places($person->page()), $person->page());
    }

    private function comesForTheFirstTime(Person $person, string $signIn, string $password): Person
    {
        return $this->enters($person, $signIn, $password)->see('the one you came with was for once')
            ->fill('New password', "three wet cobbles $signIn")->fill('The new one again', "three wet cobbles $signIn")->press('Take this password');
    }

    private function enters(Person $person, string $signIn, string $password): Person
    {
        $person->browser->manage()->deleteAllCookies();

        return $person->open('/sign-in')->fill('Sign-in name', $signIn)->fill('Password', $password)->press('Sign in');
    }
}
