<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** A job in practice answers questions; any other does not offer to. */
final class PracticeTest extends BrowserTestCase
{
    public function test_advice_is_asked_in_practice_and_offered_nowhere_else(): void
    {
        $person = $this->person()->signIn('arlo')->see('midwife')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint')
            ->choose('Key', 'on')->tab('Scan')->select('Vehicle in its menu', 'Harl 1.3')->select('System in its menu', 'Wheel lock prevention')->press('Read the codes')->see('C0045-13')
            ->press('Ask for advice')->press('What would you do next?')->see('faults still possible')->see('Most telling for their time');
        $person->press('Close');

        $this->person()->signIn('dilan')->pressIn("The potter's Lendo", 'Start the job')->see('Complaint')->doNotSee('Ask for advice');
    }
}
