<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** A job that is found by looking: by keys alone, and by somebody who is told what is on the pictures. */
final class LookingTest extends BrowserTestCase
{
    public function test_a_job_is_found_by_looking_and_brought_to_its_report_by_keys_alone(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->still();
        $person->browser->executeScript('document.activeElement.blur()');
        $person->keys('u')->see('plug open')->keys('l')->see('Sensor plug, Rear left')->doNotSee('pins clean and straight.');
        $this->fromPalette($person, 'look clo')->see('Looked at, in order')->keys('t')->see('6°')->keys('m', 'm', Key::SHIFT.'T'.Key::NULL)->see('0°')->see('not looked at yet');
        $this->fitsEverywhere($person);
        $person->keys('e');
        self::assertSame('INPUT', $person->browser->executeScript('return document.activeElement.closest("[role=dialog]") && document.activeElement.tagName'), 'E begins the line for the card');
        $person->keys(...str_split('grene pn'))->keys(Key::ENTER)->keys(...str_split('dirt'))->keys(Key::ENTER, Key::TAB, Key::TAB, Key::ARROW_LEFT, Key::ARROW_LEFT, Key::ENTER, Key::TAB, Key::TAB, Key::ENTER)->see('green on a pin, dirt from the road out')->keys(Key::ESCAPE)->doNotSee('Looked at, in order');
        $person->keys('c')->see('Readings that support it')->keys(Key::TAB, Key::TAB, Key::TAB, ...str_split('corr'))->keys(Key::TAB, Key::TAB, Key::TAB, ' ', Key::ENTER)->see('the sensor plug: corroded');
        $person->keys('p')->see('Do it')->keys(Key::TAB, Key::ENTER)->doNotSee('Do it');
        $this->fromPalette($person, 'close t')->see('How does the car leave?')->keys(Key::TAB, Key::TAB, Key::ENTER)->see('This job is closed.');
        $this->fromPalette($person, 'to the r')->see('Report ·')->see('Look into the sensor plug, RL')->see('green on a pin');
    }

    public function test_a_job_is_found_by_who_is_told_what_is_on_the_pictures(): void
    {
        $person = $this->person()->signIn('arlo')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint');
        foreach (['RR' => 'Rear right', 'RL' => 'Rear left'] as $wheel => $corner) {
            $person->choose('Corner', $corner)->choose("Plug $wheel", 'open')->see('plug open')->tab('Eyes')->press('Look into the sensor plug')->see("Sensor plug, $corner")->press('Say what is there')->see('What is there, without a verdict');
            $said = (string) $person->browser->executeScript('return document.querySelector("[aria-label=\'What is there, without a verdict\']").innerText');
            $word = preg_match('~blue-green crust (some|much|nearly all over)~', $said) === 1 ? 'green on a pin' : 'pins clean and straight';
            $person->tick($word)->choose('Judgement', $word === 'green on a pin' ? 'out' : 'in')->press('Write down')->see($word);
        }
        $person->press('Name the cause')->select('Corner', 'Rear left')->select('Place', 'Plug')->select('Defect', 'corroded contact')->tick('green on a pin out')->press('Write the cause down')->see('the sensor plug: corroded')
            ->press('Clean, reseat sensor plug')->press('Do it')->doNotSee('Do it')->press('Close the job')->press('Do it')->see('This job is closed.')->press('To the report')->see('pins clean and straight')->see('green on a pin');
    }

    public function test_a_switch_is_looked_at_with_its_arm_let_go_and_moved_away(): void
    {
        $person = $this->person()->signIn('dilan')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint')->choose('Corner', 'Supply of the module')->press('Switches')
            ->press('Look at the pedal switch')->see('Stop lamp switch at the pedal')->see('pressed')->press('Say what is there')->seeLike('~moved away the plunger stands [56](\.\d)? mm out~')
            ->tick('the plunger follows the arm')->choose('Judgement', 'in')->press('Write down')->see('the plunger follows the arm in')
            ->press('Look at the lever switch')->see('Switch at the parking brake')->see('pulled');
        $this->fitsEverywhere($person);
    }

    public function test_a_cable_is_looked_at_in_passing_then_closely_then_from_behind(): void
    {
        $person = $this->person()->signIn('bente')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint')->tab('Eyes')->choose('How you look', 'in passing')
            ->press('Follow the cable by eye')->see('Cable, in passing, Front left')->press('Look closer')->see('Lamp and glass come with a close look')->doNotSee('Lamp, from the left');
        $this->fitsEverywhere($person);
        $person->keys(Key::ESCAPE)->doNotSee('Looked at, in order')->press('Look closely, with a lamp')->see('Cable, Front left')->doNotSee('Look closely, with a lamp')
            ->press('Look from behind as well')->see('Cable, from behind, Front left')->doNotSee('Look from behind as well')
            ->press('Say what is there')->seeLike('~Seen at \d+ % of the way~')->tick('sheath sound all along')->choose('Judgement', 'in')->press('Write down')->see('Follow the cable by eye, FL');
    }

    private function fromPalette(Person $person, string $typed): Person
    {
        $person->still()->browser->getKeyboard()->sendKeys([Key::CONTROL, 'k', Key::CONTROL]);

        return $person->see('What can be done here')->keys(...str_split($typed))->keys(Key::ENTER);
    }
}
