<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDriver;
use Tests\Browser\Support\BrowserTestCase;

/** How much work it is to hand out a case, counted in the browser: clicks beside typing, from the door to a case given out. */
final class ClicksTest extends BrowserTestCase
{
    private const MOST_FOR_THE_FIRST = 15;

    private const MOST_FOR_A_SIMILAR_ONE = 6;

    public function test_a_varied_case_is_given_out_in_a_few_clicks_and_one_like_it_in_fewer(): void
    {
        $person = $this->person();
        $person->browser->manage()->deleteAllCookies();
        $person->open('/sign-in')->see('Password');
        $this->begin($person->browser);
        $person->fill('Sign-in name', 'kessel')->fill('Password', 'lindenhof')->press('Sign in')->press('Compose a case')->see('No fault chosen yet')->select('Car', 'Harl 1.3')
            ->choose('Place', 'Sensor')->see('where the fault sits')->choose('Fault', 'Coil open')->choose('Corner', 'FL')
            ->fill('Your name for it', 'Monday morning')->fill('Job title', 'The cooper’s Harl')->fill('Complaint, as the customer says it', 'Two yellow lamps.')
            ->press('Publish')->see('To whom')->press('Give it out')->see('kept, version 1');
        $first = $this->counted($person->browser);
        self::assertLessThanOrEqual(self::MOST_FOR_THE_FIRST, $first['clicks']);
        self::assertLessThanOrEqual(90, $first['typed']);

        $this->begin($person->browser);
        $person->press('Back to the cases')->press('More for Monday morning')->item('Copy')->see('Monday morning (copy)')->choose('Corner', 'RR')->press('Publish')->see('To whom')->press('Give it out')->see('kept, version 1');
        self::assertLessThanOrEqual(self::MOST_FOR_A_SIMILAR_ONE, $this->counted($person->browser)['clicks']);
        $person->open('/cases')->press('Monday morning')->press('Attempts')->see('Given out')->see('variant');
    }

    private function begin(ChromeDriver $browser): void
    {
        $browser->executeScript(<<<'JS'
            window.counted = { clicks: 0, typed: 0 };
            if (window.counts) return;
            window.counts = true;
            addEventListener('click', (event) => event.detail > 0 && window.counted.clicks++, true);
            addEventListener('keydown', () => window.counted.typed++, true);
            JS);
    }

    /** @return array{clicks: int, typed: int} since it was begun; a page that was loaded anew would have lost it */
    private function counted(ChromeDriver $browser): array
    {
        return $browser->executeScript('return window.counted');
    }
}
