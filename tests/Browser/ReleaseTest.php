<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Outside practice the cause stays closed until the instructor opens it for all. */
final class ReleaseTest extends BrowserTestCase
{
    public function test_a_closed_job_says_that_it_was_received_until_the_reports_are_opened(): void
    {
        $person = $this->person()->signIn('kessel')->open('/cases/1')->see('C0040-13')
            ->press('Publish')->see('when I open them, on the list of attempts')->tick('the same for everybody')->press('Give it out')->see('kept, version 1');
        $person->signIn('dilan')->see('bakery')->pressIn("The bakery's Harl", 'Start the job');
        $person->see('Complaint')->press('Close the job')->press('Do it')->see('This job is closed.')->press('To the report')
            ->see('Your job was received on')->see('The report opens when the instructor opens it for all.')->doNotSee('coil open')->doNotSee('points');
        $report = $person->browser->getCurrentURL();

        $person->signIn('kessel')->open('/cases/1/attempts')->see('Dilan Ott')->see('The report opens when the instructor opens it for all.')->see('/ 100')
            ->press('Open the reports')->see('This cannot be taken back.');
        $this->fitsEverywhere($person)->press('Do it')->see('Reports are open.');
        $person->signIn('dilan')->open((string) parse_url($report, PHP_URL_PATH))->see('Front right, the sensor: coil open')->see('of 100 points');
    }
}
