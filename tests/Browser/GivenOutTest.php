<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** A case is given to one of two groups, corrected and taken back. */
final class GivenOutTest extends BrowserTestCase
{
    public function test_an_examination_that_was_begun_is_annulled_and_repeated(): void
    {
        $instructor = $this->person()->signIn('kessel')->open('/cases/1')->see('What the apprentice will meet')->fill('Job title', 'The other bakery')
            ->press('Publish')->press('Give it out')->see('An examination that somebody has begun is not replaced')
            ->open('/cases/1/attempts')->press('Annul')->see('2 have begun.')->fill('Why', 'The fire alarm.')->press('Annul it for all')->see('The fire alarm.')->see('annulled');
        $instructor->open('/cases/1')->see('What the apprentice will meet')->fill('Job title', 'The other bakery')->press('Publish')->press('Give it out')->see('version 2');

        $this->person()->signIn('arlo')->see('Annulled: The fire alarm.')->see('The other bakery');
    }

    public function test_practice_is_begun_again_on_another_car(): void
    {
        $this->person()->signIn('bente')->see('midwife')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint')->press('Close the job')->press('Do it')->see('This job is closed.');
        $this->person()->signIn('bente')->see('midwife')->pressIn("The midwife's Harl", 'Begin it again')->see('Complaint')->see('Close the job');
        $this->person()->signIn('bente')->see('2. time');
    }

    public function test_a_case_is_given_to_one_group_corrected_and_taken_back(): void
    {
        $instructor = $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->press('Groups')->see('One more group')
            ->fill('One more group', 'Evening class')->press('Make it')->see('0 apprentices; taught by Marta Kessel')->press('Close')
            ->press('Change the groups of Dilan Ott')->see('Keep these')->tick('Evening class')->press('Keep these')->see('Evening class, Lindenhof school');
        $instructor->open('/cases/3')->see('What the apprentice will meet')->fill('Job title', 'The other job')->press('Publish')->see('To whom')
            ->tick('Evening class (1 apprentice)')->see('Seen by Evening class.')->select('How often', '2 times')->press('Give it out')->see('version 2')
            ->press('Publish')->see('To whom')->tick('Evening class (1 apprentice)')->select('How often', '2 times')->press('Give it out')->see('They have just this already')
            ->press('Publish')->see('To whom')->press('Choose single apprentices')->see('Bente Sand')->tick('Bente Sand')->see('Seen by Bente Sand.')->press('Give it out')->doNotSee('Seen by')->doNotSee('They have just this already');

        $this->person()->signIn('dilan')->see('The other job');
        $this->person()->signIn('bente')->see('The other job');
        $this->person()->signIn('arlo')->see('The driving school')->doNotSee('The other job');
        $instructor = $this->person()->signIn('kessel')->open('/cases/3/attempts')->see('Given out')->see('Evening class')->see('examination, 2 times');
        $instructor->pressIn('Evening class', 'Take back')->see('Nobody can begin it any more.')->press('Do it')->see('taken back')->pressIn('Evening class', 'Give it out again')->doNotSee('taken back');
    }
}
