<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** An examination's mark is confirmed, objected to, and the objection decided, as both sides see it. */
final class StandingTest extends BrowserTestCase
{
    public function test_a_mark_is_confirmed_objected_to_and_decided_about(): void
    {
        $this->person()->signIn('kessel')->open('/report/2')->see('A proposal: it counts once')->press('Confirm this mark')->see('Confirmed by Marta Kessel on')
            ->open('/cases/1/attempts')->see('proposal')->press('Confirm all marks')->see('by your name')->press('Do it')->see('1 mark confirmed.')->doNotSee('· proposal');

        $this->person()->signIn('bente')->open('/report/2')->see('Confirmed by Marta Kessel')->press('Object to this mark')->fill('What is wrong with it, in a sentence', 'no')->press('Object')->see('Say in a sentence of 10')
            ->fill('What is wrong with it, in a sentence', 'I did prove the meter.')->press('Object')->see('“I did prove the meter.”')->see('An instructor decides about it in writing.');

        $this->person()->signIn('kessel')->open('/cases/1/attempts')->see('objection to be decided')->open('/report/2')->see('Is the apprentice right?')->tick('yes: upheld')
            ->fill('Why', 'Step 2 shows it proven.')->press('Decide')->see('Upheld')->see('Step 2 shows it proven. – Marta Kessel');
        $this->person()->signIn('bente')->open('/report/2')->see('Step 2 shows it proven.');
    }

    public function test_a_faulty_rule_is_corrected_for_all_whom_it_has_cost_points(): void
    {
        $this->person()->signIn('kessel')->open('/cases/1/attempts')->see('Bente Sand')->press('A rule was wrong')->see('A correction only raises marks')->see('Bente Sand 0 /')
            ->select('Which rule', 'Proof (out of 15)')->fill('Everybody gets at least', '2,5')->press('Raise the marks')->see('Write the reason in a sentence')->fill('Why', 'The drive it asks for is not on offer.')->press('Raise the marks')
            ->see('✓ 1 marks have risen');
    }
}
