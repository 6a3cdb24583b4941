<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** What can be heard is sounded for who wants it, and always told. */
final class SoundTest extends BrowserTestCase
{
    public function test_sound_is_off_at_first_and_has_a_caption(): void
    {
        $person = $this->person()->signIn('bente')->pressIn("The farrier's Harl", 'Start the job')->see('Complaint')->see('Sound: off')->choose('Key', 'on')
            ->tab('Scan')->select('Vehicle in its menu', 'Harl 1.3')->select('System in its menu', 'Wheel lock prevention')->press('Read the codes')->see('No code stored.')
            ->tab('Hands')->press('Chock')->see('Car: chocked')->press('Raise')->see('Car: raised')->press('Stands')->see('Car: on stands')
            ->tab('Brakes')->choose('Where', 'On the lift')->press('Run the pump')->see('pump runs')->see('pump relay clicks')->doNotSee('The pump hums')
            ->press('Sound: off')->see('Sound: on')->doNotSee('The pump hums')->press('Run the pump')->see('A click, The pump hums');
        $this->fitsEverywhere($person);
        $person->press('Work the valves')->see('valve clicks')->see('♪ A click')->press('Sound: on')->see('Sound: off')->press('Run the pump')->see('pump runs')->doNotSee('♪');
    }
}
