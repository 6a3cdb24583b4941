<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Cases are found again, copied, put away and thrown away. */
final class ShelfTest extends BrowserTestCase
{
    public function test_cases_are_found_and_kept_in_order(): void
    {
        $person = $this->person()->signIn('kessel')->open('/cases')->see('Green pin, rear left')->see('Pump relay dead');
        $person->press('More for Green pin, rear left')->item('What it teaches')->see('A few words each')->fill('What it teaches', 'reading codes, Reading codes')->press('Keep')
            ->see('A goal is a few words of your own, each once.')->fill('What it teaches', 'reading codes, ohms at the plug')->press('Keep')->doNotSee('A few words each')->see('reading codes, ohms at the plug');
        $person->select('Teaches', 'ohms at the plug')->doNotSee('Pump relay dead')->see('Green pin, rear left')->select('Teaches', 'anything');
        $person->fill('Search', 'relay vet')->doNotSee('Green pin')->see('Pump relay dead')->select('Fault at', 'Ring')->see('No case is like that.')->select('Fault at', 'Hydraulics')->fill('Search', ' ');

        $person->open('/cases')->see('Green pin')->press('More for Pump relay dead')->item('Copy')->see('Pump relay dead (copy)')->press('Back to the cases')->see('Pump relay dead (copy)');
        $person->press('More for Pump relay dead (copy)')->item('Delete')->see('This case was never worked.')->press('Do it')->doNotSee('Pump relay dead (copy)');
        $person->press('More for Green pin, rear left')->item('Put away')->doNotSee('Green pin, rear left')->select('Shelf', 'put away')->see('Green pin, rear left')->doNotSee('Pump relay dead');
        $person->press('More for Green pin, rear left')->item('Take out again')->see('No case is like that.');
    }
}
