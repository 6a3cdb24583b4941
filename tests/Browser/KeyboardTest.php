<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;

/** The bay without a mouse. */
final class KeyboardTest extends BrowserTestCase
{
    public function test_leads_are_put_on_pads_and_the_meter_is_read_by_keys(): void
    {
        $person = $this->person()->signIn('cem')->press('Go on')->see('33.21');
        $person->browser->executeScript('document.querySelector("[data-pad][tabindex=\'0\']").focus()');
        $person->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_UP);
        self::assertSame('RL sensor plug, wheel side, wire 1', $person->focused());

        $person->keys('1', WebDriverKeys::ARROW_RIGHT);
        self::assertSame('RL sensor plug, module side, wire 1', $person->focused());
        $person->keys(WebDriverKeys::ARROW_DOWN, '2');
        self::assertSame('RL sensor plug, module side, wire 2, Second lead', $person->focused());

        $person->keys('m')->see('step 20');
    }

    public function test_every_control_can_be_reached_by_tabbing(): void
    {
        $person = $this->person()->signIn('cem')->press('Go on')->see('Sheet');
        $missed = $person->browser->executeScript(<<<'JS'
            const inGroup = (element) => element.closest('[role="radiogroup"], [role="tablist"], svg') !== null;
            return [...document.querySelectorAll('button, a, input, select, textarea, [role="button"]')]
                .filter((element) => element.tabIndex < 0 && !inGroup(element) && !element.disabled)
                .map((element) => element.outerHTML.slice(0, 120));
            JS);

        self::assertSame([], $missed);
    }

    public function test_letters_run_the_actions_beside_them(): void
    {
        $person = $this->person()->signIn('dilan')->open('/jobs')->press('Start the job')->see('Complaint');
        $person->browser->executeScript('document.activeElement.blur()');
        $person->keys('u')->see('plug open')->keys('u')->see('plug joined')->keys('c')->see('Readings that support it')->keys(WebDriverKeys::ESCAPE);
        $person->keys('?')->see('put the first or second lead on the pad in focus');
    }
}
