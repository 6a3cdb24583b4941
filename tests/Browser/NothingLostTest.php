<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Signed out behind the page's back, a second window: what was done stays done, once. */
final class NothingLostTest extends BrowserTestCase
{
    public function test_an_action_on_a_stale_page_is_done_after_signing_in_again(): void
    {
        $person = $this->person()->signIn('cem')->press('Go on')->see('33.21');
        $person->browser->manage()->deleteAllCookies();
        $person->choose('Key', 'on')->see('what you did is kept');
        $person->fill('Sign-in name', 'cem')->fill('Password', 'lindenhof')->press('Sign in')->see('Complaint');
        $checked = '//*[@role="radiogroup" and @aria-label="Key"]//button[normalize-space(.)="on" and @aria-checked="true"]';
        $person->browser->wait(10)->until(fn (): bool => $person->browser->findElements(\Facebook\WebDriver\WebDriverBy::xpath($checked)) !== []);

        self::assertNull($person->browser->executeScript('return localStorage.getItem("lernfall.waiting.3")'));
    }

    public function test_what_is_pressed_while_the_bay_is_busy_is_done_in_its_turn(): void
    {
        $person = $this->person()->signIn('bente')->pressIn("The potter's Lendo", 'Start the job')->see('Complaint');
        $person->browser->executeScript(<<<'JS'
            const pressed = (group, label) => [...document.querySelectorAll(`[aria-label="${group}"] button`)].find((one) => one.innerText === label);
            [['Car', 'Chock'], ['Car', 'Raise'], ['Key', 'on'], ['Key', 'on']].map(([group, label]) => pressed(group, label)).forEach((one) => one.click());
            JS);
        $person->see('raised, no stands')->tab('Eyes')->press('Look at the lamps')->see('step 4');
    }

    public function test_a_second_window_is_told_that_the_job_has_moved_on(): void
    {
        $person = $this->person()->signIn('dilan')->open('/jobs')->pressIn("The bakery's Harl", 'Start the job')->see('Complaint');
        $path = (string) parse_url($person->browser->getCurrentURL(), PHP_URL_PATH);
        $first = $person->browser->getWindowHandle();
        $person->browser->switchTo()->newWindow();
        $person->open($path)->see('Complaint')->choose('Key', 'on')->tab('Scan')->select('Vehicle in its menu', 'Harl 1.3')->select('System in its menu', 'Wheel lock prevention')->press('Read the codes')->see('C0040-13');
        $person->browser->switchTo()->window($first);
        $person->choose('Key', 'engine')->see('This job has moved on in another window.')->tab('Scan')->see('C0040-13');
    }
}
