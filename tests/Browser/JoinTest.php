<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Two browsers: the instructor shows a code, somebody types it, is let in and lands at the jobs. */
final class JoinTest extends BrowserTestCase
{
    public function test_somebody_joins_by_the_code_that_is_shown(): void
    {
        $instructor = $this->person()->signIn('kessel')->open('/people')->see('Dilan Ott')->press('Join by a code')->see('No code now.')->press('Make a code')->see('valid until');
        preg_match('/\b[a-z]{4}-[a-z]{4}\b/', $instructor->page(), $code);

        $newcomer = $this->another()->open('/sign-in')->press('Join a class with a code')->fill('Code, as it is shown to your class', 'dabo-nobo')->press('Go on')->see('No class has this code now.')
            ->fill('Code, as it is shown to your class', $code[0] ?? '')->press('Go on')->see('Lindenhof school')
            ->fill('Name', 'Ina Holt')->fill('Signs in as', 'ina')->fill('Choose a password of your own', 'short')->press('Ask to be let in')->see('Too short')
            ->fill('Choose a password of your own', 'three wet cobbles')->press('Ask to be let in')->see('You have asked to join');

        $instructor->see('1 waits to be let in')->press('Let in Ina Holt')->see('Nobody waits.');
        $newcomer->see('My jobs')->see('Ina Holt');
    }
}
