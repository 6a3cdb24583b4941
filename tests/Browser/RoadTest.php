<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** Driving on closed ground, the road lab, and a drive of a closed job looked into. */
final class RoadTest extends BrowserTestCase
{
    public function test_traction_control_that_does_nothing_is_felt_and_its_repair_too(): void
    {
        $person = $this->started('arlo', "The shepherd's Lendo")->choose('Key', 'engine')->tab('Brakes')->choose('Where', 'Closed ground')->choose('On closed ground', 'pull away')
            ->select('Ground', 'ice under the left wheels')->press('Drive there and pull away')->see('more slowly')->see('lit all the time');
        $this->fitsEverywhere($person);
        $person->select('Which of them', 'traction lamp')->select('What you saw', 'The traction lamp is lit all the time')->choose('Judgement', 'out')->press('Write down')->see('The traction lamp is lit all the time out')
            ->choose('Key', 'off')->choose('Corner', 'Supply of the module')->press('Switches')->tab('Hands')->press('Renew the temperature switch')->press('Do it')->choose('Key', 'engine')->tab('Brakes')->press('Drive there and pull away')->see('flickers')->see('as usual');
    }

    public function test_control_where_none_should_be_is_found_by_a_recording(): void
    {
        $person = $this->started('dilan', "The lamplighter's Harl")->choose('Key', 'engine')->tab('Brakes')->choose('Where', 'Closed ground')
            ->choose('Brake from, km/h', '20')->choose('Foot', 'gentle')->press('Drive, brake and record')->see('Mark set by the driver')->see('let go')->see('Between the cursors');
        $this->fitsEverywhere($person);
        $person->press('All of it as a table')->see('seconds');
    }

    public function test_a_drive_is_looked_into_once_the_job_is_closed(): void
    {
        $person = $this->started('bente', "The wheelwright's Harl")->choose('Key', 'engine')->tab('Brakes')->choose('Where', 'Closed ground')
            ->choose('Brake from, km/h', '40')->choose('Foot', 'stamps')->press('Drive and brake')->see('marks on the ground')->press('Close the job')->see('nothing can be added')->press('Do it')->see('This job is closed.')->press('To the report')->see('See the drive')->press('See the drive')->see('Rear right')->see('against the foot')->see('RR');
        $this->fitsEverywhere($person);
        $person->press('table')->see('off the line, m');
    }

    public function test_two_drives_are_laid_over_each_other_in_the_lab(): void
    {
        $person = $this->person()->signIn('cem')->open('/lab/road')->see('Front left')->see('does not answer')->see('Slip calculator');
        $this->fitsEverywhere($person);
        $person->press('Copy to B')->see('beats back');
        $person->select('Ground', 'gravel')->see('gravel');
    }

    private function started(string $who, string $job): Person
    {
        return $this->person()->signIn($who)->pressIn($job, 'Start the job')->see('Complaint');
    }
}
