<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Free play with two settings side by side. */
final class LabTest extends BrowserTestCase
{
    public function test_two_settings_are_compared_with_their_formulas(): void
    {
        $person = $this->person()->signIn('arlo')->press('Signal lab')->see('Setting A')->see('Induced peak')
            ->see('46 · 0.5 /s = 23 Hz');

        $person->choose('Sensor', 'two-wire')->see('Two currents over the shunt')->see('Induced peak');
    }

    public function test_a_defect_asks_for_its_strength_and_says_what_is_too_much(): void
    {
        $this->person()->signIn('kessel')->press('Signal lab')->see('Setting A')
            ->select('Defect', 'Teeth missing')->see('Strength')->fill('Strength', '40')->see("the strength of 'tooth-missing' lies between 1 and 4");
    }
}
