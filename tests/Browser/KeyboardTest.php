<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;

/** The bay without a mouse. */
final class KeyboardTest extends BrowserTestCase
{
    private const BUTTONS = 'const buttons = () => [...document.querySelectorAll("[role=tabpanel] button")].filter((one) => one.offsetParent !== null && one.getAttribute("role") !== "tab");';

    public function test_leads_are_put_on_pads_and_the_meter_is_read_by_keys(): void
    {
        $person = $this->person()->signIn('cem')->press('Go on')->see('33.21');
        $person->browser->executeScript('document.querySelector("[data-pad][tabindex=\'0\']").focus()');
        $person->keys(WebDriverKeys::ARROW_DOWN, WebDriverKeys::ARROW_UP);
        self::assertSame('RL sensor plug, wheel side, wire 1', $person->focused());

        $person->keys('1', WebDriverKeys::ARROW_RIGHT);
        self::assertSame('RL sensor plug, module side, wire 1', $person->focused());
        $person->keys(WebDriverKeys::ARROW_DOWN, '2');
        self::assertSame('RL sensor plug, module side, wire 2, Second lead 2', $person->focused());

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

    /** Whatever a panel can do, done by keyboard one after the other: each time the focus is on something of the page afterwards. */
    public function test_the_focus_is_on_something_after_every_action_of_every_panel(): void
    {
        $person = $this->person()->signIn('dilan')->pressIn("The cellist's Lendo", 'Start the job')->see('Complaint')->choose('Key', 'on');
        $lost = [];
        $done = 0;
        foreach (['Meter', 'Scope', 'Leads', 'Scan', 'Eyes', 'Hands', 'Sheet'] as $tab) {
            $person->tab($tab)->still();
            $count = (int) $person->browser->executeScript(self::BUTTONS.'return buttons().length');
            for ($one = 0; $one < $count; $one++) {
                $name = $person->browser->executeScript(self::BUTTONS.'const one = buttons()[arguments[0]]; if (one === undefined || one.disabled) return null; one.focus(); return one.getAttribute("aria-label") ?? one.innerText', [$one]);
                if ($name === null) {
                    continue;
                }
                $person->keys(WebDriverKeys::ENTER)->still();
                if ($person->browser->executeScript('return document.querySelector("[role=dialog], [role=menu]") !== null')) {
                    $person->keys(WebDriverKeys::ESCAPE)->still();
                }
                $done++;
                $person->browser->executeScript('return document.activeElement === document.body || ! document.activeElement.isConnected') && $lost[] = "$tab: $name";
            }
        }
        self::assertSame([], $lost);
        self::assertGreaterThan(40, $done);
    }

    public function test_arrows_move_the_focus_and_only_enter_decides(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint');
        $key = '//*[@role="radiogroup" and @aria-label="Key"]//button[@aria-checked="true"]';
        $checked = fn (): string => $person->browser->findElement(WebDriverBy::xpath($key))->getText();
        $person->browser->executeScript('document.querySelector(\'[aria-label="Key"] [aria-checked=true]\').focus()');
        $person->keys(WebDriverKeys::ARROW_RIGHT, WebDriverKeys::ARROW_RIGHT);
        self::assertSame(['off', 'engine'], [$checked(), $person->focused()]);
        $person->keys(WebDriverKeys::ARROW_LEFT, WebDriverKeys::ENTER);
        $person->browser->wait()->until(fn (): bool => $checked() === 'on');
        $person->still();
        self::assertSame('on', $person->focused());
    }

    public function test_the_focus_stays_after_an_action_and_comes_back_from_a_dialog(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->tab('Meter');
        $person->press('Prove it')->see('step 2')->still();
        self::assertStringContainsString('Prove it', $person->focused());
        $person->press('Name the cause')->see('Readings that support it')->keys(WebDriverKeys::ESCAPE)->doNotSee('Readings that support it');
        self::assertStringContainsString('Name the cause', $person->focused());
    }

    public function test_anything_is_found_by_typing_and_shows_its_key(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint');
        $person->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'k', WebDriverKeys::CONTROL]);
        $person->see('What can be done here')->still();
        $names = $person->browser->executeScript('return [...document.querySelectorAll("[cmdk-item]")].map((one) => one.innerText)');
        self::assertSame(['Lernfall: To where I began', 'Complaint', 'Verify', 'Codes'], array_slice($names, 0, 4));
        $person->keys(...str_split('name the'))->keys(WebDriverKeys::ENTER)->see('Readings that support it')->keys(WebDriverKeys::ESCAPE);
        $person->open('/handbook')->see('Handbook')->still();
        $person->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'k', WebDriverKeys::CONTROL]);
        $person->see('What can be done here')->keys(...str_split('what can be wr'))->keys(WebDriverKeys::ENTER)->doNotSee('What can be done here')->see('How common each one is');
    }

    public function test_single_letters_are_switched_off_where_somebody_rests_a_hand_on_the_keys(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->keys('?')->see('Single letters run actions')->tick('Single letters run actions')->keys(WebDriverKeys::ESCAPE)->doNotSee('Single letters run actions');
        $person->keys('c')->keys('?')->see('Single letters run actions')->doNotSee('Readings that support it')->tick('Single letters run actions')->keys(WebDriverKeys::ESCAPE)->doNotSee('Single letters run actions');
        $person->keys('c')->see('Readings that support it');
    }
}
