<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** The calculators work out what is typed, and explain what they cannot. */
final class HandbookTest extends BrowserTestCase
{
    public function test_copper_over_temperature(): void
    {
        $this->person()->signIn('arlo')->open('/handbook')->see('Order of work')
            ->fill('Ω at 20 °C', '1000')->fill('Temperature', '100')->pressIn('Copper over temperature', 'Work it out')->see('1314.4');
    }

    public function test_a_tyre_size_that_is_none_is_explained(): void
    {
        $this->person()->signIn('arlo')->open('/handbook')->see('Order of work')
            ->fill('Tyre size', 'round')->pressIn('Tyre size to circumference', 'Work it out')->see('Write the size as marked, for example 195/55 R15.');
    }

    public function test_tests_and_faults_can_be_read_up(): void
    {
        $this->person()->signIn('arlo')->open('/handbook')->see('Order of work')
            ->tab('Tests')->see('Voltage drop under load')->tab('Codes and lamps')->see('Not tested since clearing.')->see('Blinks close together')->tab('What can be wrong')->see('Sensor plug corroded')->see('opening and joining the plug');
    }
}
