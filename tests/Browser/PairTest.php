<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Two apprentices at two browsers work one job of practice. */
final class PairTest extends BrowserTestCase
{
    public function test_one_is_at_the_car_and_the_other_one_sees_it_and_writes(): void
    {
        $arlo = $this->person()->signIn('arlo')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint')
            ->press('Work with somebody')->see('One is at the car')->select('Who works along', 'Bente Sand')->press('Ask')->see('Asked: Bente Sand');
        $bente = $this->another()->signIn('bente')->see('Arlo Winter asks you to work along')->press('Work along')->see('With Arlo Winter: you write the card');

        $arlo->see('With Bente Sand: you are at the car')->tab('Eyes')->press('Look at the lamps')->see('as last looked at, step 1');
        $bente->see('as last looked at, step 1')->tab('Eyes')->press('Look at the lamps')->see('Arlo Winter is at the car. Change places to do this yourself.');
        $bente->press('Change places')->see('With Arlo Winter: you are at the car')->press('Look at the lamps');
        $arlo->see('With Bente Sand: you write the card')->press('Close the job')->press('Do it')->see('This job is closed.')->press('To the report')->see('Arlo Winter: 1 at the car, 1 on the card. Bente Sand: 1 at the car, 0 on the card');
        $bente->see('This job is closed.');
    }
}
