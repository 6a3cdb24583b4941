<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Tests\Browser\Support\BrowserTestCase;

/** A closed job can be looked at, but nothing on it can be done any more. */
final class ClosedJobTest extends BrowserTestCase
{
    public function test_nothing_that_acts_on_the_car_can_be_pressed(): void
    {
        $person = $this->person()->signIn('arlo')->open('/bay/1')->see('This job is closed.');
        foreach (['Key', 'Plug FR', 'Module plug', 'Car'] as $group) {
            $buttons = $person->browser->findElements(WebDriverBy::xpath("//*[@aria-label='$group']//button"));
            self::assertNotEmpty($buttons, $group);
            $enabled = array_filter($buttons, static fn (WebDriverElement $button): bool => $button->isEnabled());
            self::assertSame([], array_map(static fn (WebDriverElement $button): string => $button->getText(), $enabled), $group);
        }
    }

    public function test_its_report_is_the_apprentices_to_read_and_leads_back(): void
    {
        $this->person()->signIn('bente')->open('/report/2')->see('What was wrong')->see('Front right, the sensor: coil open')->see('rests on step')
            ->see('Cost most')->press('More: decisions, marks on the strip, what was possible, a sensible path')->see('Decisions against what was known')->see('Wrong')->see('What was still possible')->see('6 faults still possible')->see('To take away')->see('Follow the circuit until one part is left')
            ->doNotSee('Broken coil, front right'); // the instructor's name for the case stays the instructor's
    }

    /** Marks come by themselves, to whoever waits before the report and before the list. */
    public function test_closing_being_marked_and_the_report_without_a_reload(): void
    {
        self::$server->workerWaits();
        $person = $this->person()->signIn('dilan')->open('/jobs')->pressIn("The bakery's Harl", 'Start the job')->see('Complaint')
            ->press('Close the job')->press('Do it')->see('This job is closed.')->press('To the report')
            ->see('The marks appear here by themselves.')->see('What was wrong');
        $report = $person->browser->getWindowHandle();
        $person->browser->switchTo()->newWindow();
        $person->signIn('kessel')->open('/cases/1/attempts')->see('to be marked');
        self::$server->workerGoesOn();
        $person->doNotSee('to be marked')->doNotSee('being marked')->see('/ 100');
        $person->browser->close();
        $person->browser->switchTo()->window($report);
    }

    public function test_a_report_that_waits_is_filled_by_itself(): void
    {
        self::$server->workerWaits();
        $person = $this->person()->signIn('cem')->open('/jobs')->press('Start the job')->see('Complaint')
            ->press('Close the job')->press('Do it')->see('This job is closed.')->press('To the report')->see('The marks appear here by themselves.');
        self::$server->workerGoesOn();
        $person->see('of 100 points')->see('Marks and reasons');
    }

    public function test_what_is_folded_is_printed(): void
    {
        $person = $this->person()->signIn('arlo')->open('/report/1')->see('What was wrong');
        $isOpen = static fn (): mixed => $person->browser->executeScript('return document.querySelector("details").open');
        self::assertFalse($isOpen());
        $person->browser->executeScript('window.dispatchEvent(new Event("beforeprint"))');
        self::assertTrue($isOpen());
        $person->browser->executeScript('window.dispatchEvent(new Event("afterprint"))');
        self::assertFalse($isOpen());
    }
}
