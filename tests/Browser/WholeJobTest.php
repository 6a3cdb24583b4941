<?php

declare(strict_types=1);

namespace Tests\Browser;

use PHPUnit\Framework\Assert;
use Tests\Browser\Support\BrowserTestCase;

/** An instructor composes and publishes; apprentices work the case, one well, one badly, and read their marks. */
final class WholeJobTest extends BrowserTestCase
{
    private const JOB = 'The florist\'s Harl';

    public function test_a_case_is_composed_published_worked_and_marked(): void
    {
        $person = $this->person()->signIn('kessel')->press('Compose a case')->press('Publish')->press('Give it out')
            ->see('Give the case a name that you will find again.')
            ->fill('Your name for it', 'Broken wire, rear right')
            ->fill('Job title', self::JOB)
            ->fill('Complaint', 'Two yellow lamps since the towbar was fitted.')
            ->select('Car', 'Harl 1.3')->choose('Place', 'Loom')->choose('Fault', 'Wire broken')->choose('Corner', 'RR')->choose('Wire', '2')
            ->see('C0050-13')->see('no passage');
        $person->press('Publish')->tick('at once, when a job is closed (for practice)')->tick('the same for everybody')->press('Give it out')->see('kept, version 1')->press('Back to the cases')->see('Broken wire, rear right');

        $this->workedWell();
        $this->workedBadly();

        $this->person()->signIn('kessel')->see('2 closed, 0 under way')->press('2 closed, 0 under way')->see('Arlo Winter')->see('100 / 100');
    }

    private function workedWell(): void
    {
        $person = $this->person()->signIn('arlo')->doNotSee('Broken wire')->see(self::JOB);
        $person->pressIn(self::JOB, 'Start the job')->see('Complaint')->doNotSee('Broken wire')
            ->choose('Key', 'on')->tab('Eyes')->press('Look at the lamps')->see('ABS and traction control not available')
            ->tab('Scan')->select('Vehicle in its menu', 'Harl 1.3')->select('System in its menu', 'Wheel lock prevention')->press('Read the codes')->see('C0050-13')
            ->fill('Code', 'c0050-13')->press('Write a code down')->see('Codes noted before clearing C0050-13 present')
            ->tab('Sheet')->press('Look up the data sheet')->see('1900–2230')
            ->choose('Key', 'off')
            ->pressIn('Car', 'Chock')->see('Car: chocked')->pressIn('Car', 'Raise')->see('raised, no stands')->pressIn('Car', 'Stands')->see('on stands')
            ->choose('Corner', 'Rear right')->choose('Plug RR', 'open')->see('plug open');
        $person->tab('Meter')->pad('RR sensor plug, wheel side, wire 1')->pad('RR sensor plug, wheel side, wire 2')->press('Read the meter')->see('Write it on the card');
        $shown = $this->displayed($person->page());
        Assert::assertEqualsWithDelta(2.05, $shown, 0.1);
        $person->fill('Value', (string) $shown)->select('Unit', 'kΩ')->choose('Judgement', 'in')->fill('Compared with', 'data sheet')->press('Write down')->see('key cycle 1');
        $person->tab('Eyes')->press('Look into the sensor plug')->see('Sensor plug, Rear right')->tick('pins clean and straight')->choose('Judgement', 'in')->press('Write down')->see('pins clean and straight in')->tab('Meter');
        $person->choose('Plug RR', 'joined')->choose('Module plug', 'open')
            ->pad('RR module plug, wheel side, wire 1')->pad('RR module plug, wheel side, wire 2')->press('Read the meter')->see('no passage')
            ->select('Unit', 'beyond the display')->choose('Judgement', 'out')->press('Write down')->see('open: module plug')
            ->press('Name the cause')->select('Place', 'Loom')->select('Defect', 'wire broken')->tick('beyond the display out')->press('Write the cause down')
            ->see('Rear right, the loom: wire broken')
            ->tab('Hands')->press('Renew loom, twisted pair')->see('43 min and 11 €')->tick('lay the cable clear')->see('48 min and 11 €')->press('Do it')->see('11 € parts')
            ->choose('Module plug', 'joined')->pressIn('Car', 'Lower')->pressIn('Car', 'Unchock')->see('on the floor')->choose('Key', 'engine')
            ->tab('Scan')->press('Clear the codes')->see('Codes cleared.')->press('Road test')->see('Road test driven')->press('Read the codes')->see('No code stored.')
            ->press('Close the job')->see('nothing can be added')->press('Do it')->see('This job is closed.')
            ->press('To the report')->see('100 of 100 points')->see('Rear right, the loom: wire broken')->see('Cleared, driven, read again, and nothing came back.');
    }

    private function workedBadly(): void
    {
        $person = $this->person()->signIn('dilan')->see(self::JOB);
        $person->pressIn(self::JOB, 'Start the job')->see('Complaint')
            ->choose('Key', 'on')->tab('Scan')->select('Vehicle in its menu', 'Harl 1.3')->select('System in its menu', 'Wheel lock prevention')->press('Read the codes')->see('C0050-13')->press('Clear the codes')->see('Codes cleared.')
            ->choose('Corner', 'Rear right')->tab('Hands')->press('Turn')->see('Not done: the car is not secured.')
            ->pressIn('Car', 'Chock')->see('Car: chocked')->pressIn('Car', 'Raise')->see('raised, no stands')->pressIn('Car', 'Stands')->see('on stands')
            ->press('Renew the sensor')->press('Do it')->see('34 € parts')
            ->press('Close the job')->press('Do it')->see('This job is closed.')->press('To the report')
            ->see('Codes were shown, none of them was on the card in time.')
            ->see('You reached for a wheel or under the car before it was secured.')
            ->see('No written reading tells the repaired part from the others of its circuit.')
            ->see('The fault is still in the car.')
            ->see('4 of 100 points');
    }

    private function displayed(string $page): float
    {
        return preg_match('~(\d\.\d{3})\s*kΩ~u', $page, $found) === 1 ? (float) $found[1] : 0.0;
    }

    public function test_a_wrong_number_is_explained_beside_its_field(): void
    {
        $person = $this->person()->signIn('cem')->press('Go on')->see('Complaint')->tab('Scan')
            ->fill('Drive straight at', 'fast')->press('Drive')->see('Write a number.')
            ->fill('Drive straight at', '300')->press('Drive')->see('Choose between 0 and 90.')
            ->fill('Code', 'c0045x')->see('A code is a letter (P, C, B or U)')->fill('Code', 'c0045-1')->doNotSee('A code is a letter')->press('Write a code down')->see('A code is a letter (P, C, B or U)')
            ->tab('Meter')->press('Write down')->see('Write the number you read.');

        self::assertStringContainsString('33.21', $person->page());
    }

    public function test_two_faults_are_set_and_one_is_taken_back(): void
    {
        $this->person()->signIn('kessel')->open('/cases/1')->see('Case bench')->press('Add another fault')
            ->choose('Corner', 'RL')->choose('Place', 'Ring')->choose('Fault', 'Teeth missing')->see('C0045-2F')->see('C0040-13')->see('2. Teeth missing, RL')
            ->press('Keep')->see('kept, version 1')->press('Remove this fault')->see('not kept yet')->doNotSee('2. Teeth missing');
    }
}
