<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** A case is given to one of two groups, corrected and taken back. */
final class GivenOutTest extends BrowserTestCase
{
    public function test_a_case_is_given_to_one_group_corrected_and_taken_back(): void
    {
        $instructor = $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->press('Groups')->see('One more group')
            ->fill('One more group', 'Evening class')->press('Make it')->see('0 apprentices; taught by Marta Kessel')->press('Close')
            ->press('Change the groups of Dilan Ott')->see('Keep these')->tick('Evening class')->press('Keep these')->see('Evening class, Lindenhof school');
        $instructor->open('/cases/3')->see('What the apprentice will meet')->fill('Job title', 'The other job')->press('Publish')->see('To whom')
            ->select('To whom', 'Evening class')->see('Evening class: 1 apprentice sees it.')->press('Give it to the group')->see('version 2')
            ->press('Publish')->see('To whom')->select('To whom', 'Evening class')->press('Give it to the group')->see('The group has just this already');

        $this->person()->signIn('dilan')->see('The other job');
        $instructor = $this->person()->signIn('kessel')->open('/cases/3/attempts')->see('Given out')->see('Evening class')->press('Take back')->see('Nobody can start this version any more.')->press('Do it')->see('taken back');
        $instructor->press('Give it out again')->doNotSee('taken back');
    }
}
