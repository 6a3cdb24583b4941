<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** What an instructor sets for a case, and decides afterwards, as both sides see it. */
final class RulesTest extends BrowserTestCase
{
    public function test_rules_and_tools_of_a_case_are_told_on_the_job_card(): void
    {
        $this->person()->signIn('kessel')->open('/cases/2')->see('C0045')->tick('meter')
            ->select('Marked as', 'Examination')->press('Adjust the rules of this case')->see('Points, 100 in all')
            ->fill('First test', '5')->see('An order of tests needs points')
            ->select('Which test comes first?', 'The quickest that tells something')->press('Use these rules')->see('its own policy')
            ->press('Publish')->press('Give it out')->see('kept, version 2');

        $person = $this->person()->signIn('arlo')->see('midwife')->pressIn("The midwife's Harl", 'Start the job');
        $person->see('What is marked')->see('Two yellow lamps since the car was washed')->doNotSee('Read the meter')
            ->press('What is marked')->see('the quickest test that tells something comes first')->see('At most 50 % are left')->see('Not in the bay for this job: meter.');
    }

    public function test_a_decision_of_the_instructor_stands_beside_the_computed_mark(): void
    {
        $this->person()->signIn('kessel')->open('/report/2')->see('Marks and reasons')
            ->press('Decide otherwise: Codes before clearing')->see('The apprentice reads this')
            ->fill('Points, 0 to 15', '99')->fill('Reason', 'Shown to me on paper before clearing.')->press('Keep this decision')->see('15 points at most')
            ->fill('Points, 0 to 15', '12')->press('Keep this decision')->see('12 instead of 0');

        $this->person()->signIn('bente')->open('/report/2')->see('Decided by Marta Kessel')->see('Shown to me on paper before clearing.')->doNotSee('decide otherwise');
    }

    /** What is no number is told beside its field, and nothing is decided by it. */
    public function test_a_typing_error_neither_withdraws_nor_zeroes_a_mark(): void
    {
        $dialog = $this->person()->signIn('kessel')->open('/report/2')->press('Decide otherwise: Safety')->fill('Reason', 'Seen with my own eyes.');
        foreach (['4 1/2', '', 'many', '-3'] as $typed) {
            $dialog->fill('Points, 0 to', $typed)->press('Keep this decision')->see('from 0 up');
        }
        $dialog->fill('Points, 0 to', '4,5')->press('Keep this decision')->see('4.5 instead of');
    }

    public function test_whether_a_case_can_be_solved_is_worked_out_beside_the_answers(): void
    {
        $this->person()->signIn('kessel')->open('/cases/2')->see('C0045')->press('Can it be solved?')->see(' of 4 done')->see('Can be solved: right on 3 of 3 cars');
    }
}
