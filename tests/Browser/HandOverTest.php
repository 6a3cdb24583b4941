<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** A car that is not repaired here: composed on the bench, worked by an apprentice, and marked. */
final class HandOverTest extends BrowserTestCase
{
    public function test_a_case_can_say_that_nothing_is_wrong_what_was_noticed_and_what_is_made_elsewhere(): void
    {
        $person = $this->person()->signIn('kessel')->open('/cases/1')->see('What the apprentice will meet')->see('C0040-13')
            ->press('nothing is wrong with this car')->see('the complaint is of something normal')->see('0 readings differ from a sound car')
            ->select('add what was noticed', 'a noise once on pulling away')->see('a noise once on pulling away')
            ->select('add a repair that is handed over', 'Renew the hydraulic unit')
            ->press('Keep')->doNotSee('not kept yet')->open('/cases/1')->see('the complaint is of something normal');

        $person->press('something is wrong with it')->see('Add another fault')->doNotSee('the complaint is of something normal');
    }

    public function test_an_apprentice_names_the_cause_and_hands_the_car_over(): void
    {
        $person = $this->person()->signIn('dilan')->pressIn("The glazier's Lendo", 'Start the job')->see('In short: wheels slide when braking hard.')
            ->press('What is marked')->see('Not made in this workshop: Renew the hydraulic unit')->press('Close')
            ->press('Supply')->tab('Hands')->press('Renew the hydraulic unit')->see('This workshop does not make this repair.');
        $this->fitsEverywhere($person)->press('Not yet')
            ->press('Name the cause')->select('Corner', 'The whole car')->select('Place', 'Hydraulics')->select('Defect', 'pump dead')->press('Write the cause down')
            ->press('Close the job')->see('How does the car leave?')->tick('Not repaired here', 'How does the car leave?')
            ->select('How it gets there', 'carried on a transporter')->see('not driven, not even round the corner')->press('Do it')->see('This job is closed.')
            ->press('To the report')->see('Nothing on the card supported the repair: half of these points.')->see('handed over to a brake specialist, carried on a transporter');
    }
}
