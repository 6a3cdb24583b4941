<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** The marks of a class, from the list of cases to one report. */
final class MarksTest extends BrowserTestCase
{
    public function test_the_marks_of_a_class_are_seen_and_taken_away(): void
    {
        $person = $this->person()->signIn('kessel')->open('/cases')->see('Green pin')->press('Marks')->see('Bente Sand')->see('◐ under way')->see('not started')->see('/ 100');
        $csv = $person->browser->executeAsyncScript('const done = arguments[0]; fetch(document.querySelector("a[download]").href).then((answer) => answer.text()).then(done)');
        self::assertMatchesRegularExpression('/^Arlo Winter,arlo,[\d.]+,not started,/m', $csv);

        $person->press('Dilan Ott, Broken coil, front right: not started. Change')->item('Is excused')->see('excused')->press('Dilan Ott, Broken coil, front right: excused. Change')->item('Neither')->doNotSee('excused ▾');

        $person->press('◐ under way')->see('The midwife');
    }
}
