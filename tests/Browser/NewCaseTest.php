<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** A new case begins with a car and no fault; another car takes the fault with it, or says that it cannot. */
final class NewCaseTest extends BrowserTestCase
{
    public function test_nothing_is_chosen_for_the_instructor(): void
    {
        $person = $this->person()->signIn('kessel')->press('Compose a case')->see('No fault chosen yet')->press('Keep')
            ->see('Say what is wrong with the car, or that nothing is.')->see('Give the case a name that you will find again.');
        $person->select('Car', 'Harl 1.3')->choose('Place', 'Loom')->see('where the fault sits')->choose('Fault', 'Wire broken')->choose('Corner', 'FL')->choose('Wire', '2')
            ->select('Car', 'Ostrel T2')->see('Wire broken, wire 2')->doNotSee('This car cannot have');
        $person->select('Car', 'Harl 1.3')->choose('Place', 'Hydraulics')->choose('Fault', 'Pump dead')->select('Car', 'Ostrel T2')->see('This car cannot have: Pump dead.')->see('No fault chosen yet')
            ->press('nothing is wrong with this car')->see('the complaint is of something normal');
    }
}
