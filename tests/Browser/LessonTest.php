<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** A class at work, as the instructor and three apprentices see it at a browser each. */
final class LessonTest extends BrowserTestCase
{
    public function test_an_examination_with_a_time_a_remark_a_pause_and_help(): void
    {
        $instructor = $this->person()->signIn('kessel')->open('/cases/3')->see('What the apprentice will meet')->fill('Job title', 'The thirty minutes')
            ->press('Publish')->see('To whom')->tick('the same for everybody')->select('Time for one job', '30 minutes')->tick('The handbook is open while they work')->press('Give it out')->see('version 2')
            ->open('/cases/3/attempts')->see('Not begun: Arlo Winter, Bente Sand, Cem Aydin, Dilan Ott');
        $arlo = $this->another()->signIn('arlo')->see('30 minutes by the clock')->pressIn('The thirty minutes', 'Start the job')->see('Complaint')->seeLike('~(30|29|28|27) min left~');
        $bente = $this->another()->signIn('bente')->pressIn('The thirty minutes', 'Start the job')->see('Complaint')->see('Ask the instructor');
        $cem = $this->another()->signIn('cem')->pressIn('The thirty minutes', 'Start the job')->see('Complaint');

        $instructor->see('Not begun: Dilan Ott')->press('Say something to all')->fill('Remark', '<i>Prove the meter</i> first.')->press('Say it')->doNotSee('It appears over the work');
        $arlo->see('Marta Kessel says to all:')->see('<i>Prove the meter</i> first.')->press('Read')->doNotSee('Marta Kessel says to all:')->press('Ask the instructor')->see('The instructor knows');
        $bente->see('Marta Kessel says to all:');
        $cem->see('Marta Kessel says to all:');

        $instructor->see('asks for help')->press('More for Arlo Winter')->item('Say something')->see('Say something to Arlo Winter')->fill('Remark', 'Look at the plug.')->press('Say it')->doNotSee('asks for help');
        $arlo->see('Marta Kessel says: Look at the plug.');
        $bente->doNotSee('Look at the plug.');

        $instructor->press('Pause for all')->see('Everybody pauses');
        $bente->see('Everybody pauses')->tab('Eyes')->press('Look at the lamps')->see('your time stands still');
        $instructor->press('Go on')->see('Pause for all')->press('More for Arlo Winter')->item('Give time')->see('Give Arlo Winter time')->fill('Minutes', '15')->fill('Why', 'The tablet fell.')->press('Do it')->doNotSee('Added to what is left');
        $arlo->seeLike('~(4[0-5]|3[5-9]) min left~');
        $arlo->open('/handbook')->see('You are at work on an examination: The thirty minutes.')->open('/lab')->see('This opens again when you have closed it.');

        $bente->press('Close the job')->press('Do it')->see('This job is closed.')->press('To the report')->see('Your job was received on')->see('Said while it was worked')->doNotSee('of 100 points');
        $instructor->press('More for Bente Sand')->item('Reopen')->see('Reopen the job of Bente Sand')->press('Do it')->see('Say why, in one sentence.')->press('Not yet')->press('Open the reports')->press('Do it')->see('Reports are open.');
        $bente->see('of 100 points');
        $cem->doNotSee('Look at the plug.')->open('/report/1')->see('You are at work on an examination');
    }

    public function test_a_lesson_starts_in_three_clicks_and_says_who_has_nothing_to_do(): void
    {
        $instructor = $this->person()->signIn('kessel')->press('Start a lesson')->see('Everybody has a job to do.')->see('Choose a group and a case.');
        $instructor->press("Green pin, rear left The midwife's Harl")->see('practise it from now on')->press('Give it out now')->see('Given out')->see('practice');
    }

    public function test_an_interrupted_examination_is_made_up_for_and_extra_time_is_given(): void
    {
        $this->person()->signIn('dilan')->pressIn("The surveyor's Lendo", 'Start the job')->see('Complaint');
        $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->select('Extra time of Dilan Ott', '25 %')->open('/people')->see('Dilan Ott')
            ->open('/marks')->press('Dilan Ott, Wire broken, front left, supply withheld: under way. Change')->item('Was interrupted: set the job aside')->see('interrupted')
            ->press('Dilan Ott, Wire broken, front left, supply withheld: interrupted. Change')->item('Give a make-up: another fault worth as much')->see('make-up given');
        $this->person()->signIn('dilan')->see('The cars for this job are being made ready');
    }
}
