<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;

/** What helps somebody find their way: the way through the bay, help beside things, announcements, lists that are searched. */
final class FirstDayTest extends BrowserTestCase
{
    public function test_the_bay_is_shown_in_six_steps_before_the_first_job_and_again_when_asked_for(): void
    {
        $person = $this->person()->signIn('dilan');
        $person->browser->executeScript('localStorage.removeItem("lernfall.shown-the-bay.dilan")');
        $person->open('/jobs')->pressIn("The bakery's Harl", 'Start the job')->see('1 of 6')->press('Next')->see('The order of work')->press('Next')->press('Next')->press('Next')->press('Next')->see('6 of 6')->press('To work')->doNotSee('6 of 6');
        $person->browser->navigate()->refresh();
        $person->see('Complaint')->still()->doNotSee('1 of 6');
        $person->open('/handbook')->press('Show me the bay in six steps')->see('with the next job you open')->open('/jobs')->pressIn("The bakery's Harl", 'Go on')->see('1 of 6')->press('Skip')->doNotSee('1 of 6');
        $person->press('? keys')->press('The bay in six steps')->see('1 of 6')->keys(WebDriverKeys::ESCAPE)->doNotSee('1 of 6');
    }

    public function test_a_stage_leads_to_its_work_and_a_question_mark_explains(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('the car was changed since')->press('Verify, done')->item('Look at the lamps')->see('as last looked at, step 20')->doNotSee('the car was changed since');
        $person->press('Measure, done')->item('To the scope')->see('Sweep once')->press('Codes, done')->item('To scan: codes and driving')->see('Read the codes');
        $person->choose('Module plug', 'joined')->choose('Key', 'on')->press('Read the codes')->press('Explain: C0045-13')->see('It names a circuit, not a part')->press('Close')->doNotSee('It names a circuit, not a part');
        $person->press('What is marked')->press('Explain: Proof')->see('provoke what provoked it before');
    }

    public function test_what_is_open_at_another_corner_stands_in_a_line_and_a_station_is_chosen_on_the_drawing(): void
    {
        $person = $this->person()->signIn('arlo')->pressIn("The midwife's Harl", 'Start the job')->see('nothing, all plugs are joined')->choose('Module plug', 'open')->choose('Corner', 'Rear left')->choose('Plug RL', 'open')->choose('Corner', 'Front right')
            ->seeLike('~Open or under way: open: (RL sensor plug, module plug|module plug, RL sensor plug)~')->tab('Hands')->press('Hold')->see('Let go')->choose('Corner', 'Front left')->see('(FR)');
        $person->browser->executeScript('document.querySelector("[data-station=loom] rect").dispatchEvent(new MouseEvent("click", { bubbles: true }))');
        $person->see('At the loom, front left');
    }

    public function test_a_new_job_and_an_open_report_are_announced_until_noted(): void
    {
        $person = $this->person()->signIn('bente')->open('/jobs')->see('new jobs:')->see('The report is open: The bakery\'s Harl')->press('Read it')->see('What was wrong')->press('Back to my jobs')->see('new jobs:')->doNotSee('The report is open:')->press('Noted')->doNotSee('new jobs:');
        $this->another()->signIn('kessel')->press('Compose a case')->see('No fault chosen yet')->select('Car', 'Harl 1.3')->choose('Place', 'Sensor')->choose('Fault', 'Coil open')->fill('Your name for it', 'Announced')->fill('Job title', 'The cooper\'s Harl')->fill('Complaint', 'Two yellow lamps.')
            ->press('Publish')->tick('the same for everybody')->press('Give it out')->see('kept, version 1');
        $person->see('A new job: The cooper\'s Harl');
    }

    public function test_lists_are_searched_and_narrowed(): void
    {
        $person = $this->person()->signIn('arlo')->open('/jobs')->see("The vet's Lendo")->fill('Find by words', 'trailer')->see("The haulier's Ostrel")->doNotSee("The vet's Lendo")->fill('Find by words', 'zzz')->see('Nothing here fits what you look for.');
        $person->open('/jobs')->see("The vet's Lendo")->select('How it stands', 'closed')->see("The bakery's Harl")->doNotSee("The vet's Lendo");
        $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->fill('Find by words', 'cem')->see('Cem Aydin')->doNotSee('Dilan Ott');
        $this->person()->open('/cases/1/attempts')->see('Bente Sand')->fill('Find by words', 'arlo')->see('Arlo Winter')->doNotSee('Bente Sand 1');
    }

    public function test_pages_are_dark_where_somebody_wants_them_so(): void
    {
        $person = $this->person()->signIn('cem')->open('/account')->see('Light or dark')->tick('dark, for a dim workshop')->see('✓ kept');
        $lit = 'return getComputedStyle(document.body).backgroundColor';
        $dark = $person->browser->executeScript($lit);
        $person->browser->navigate()->refresh();
        $person->see('Light or dark')->still();
        self::assertSame($dark, $person->browser->executeScript($lit));
        $person->tick('light')->see('✓ kept')->still();
        self::assertNotSame($dark, $person->browser->executeScript($lit));
    }
}
