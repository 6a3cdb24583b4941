<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDriver;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Pages;

/** axe-core (an open checker of the WCAG rules) finds nothing serious on any page, and nothing comes from elsewhere. */
final class AccessibilityTest extends BrowserTestCase
{
    /** @return array<string, array{string, string, list<string>}> sign-in name, path, tabs to open */
    public static function pages(): array
    {
        return Pages::all();
    }

    /** @param  list<string>  $tabs */
    #[DataProvider('pages')]
    public function test_nothing_serious_is_found(string $name, string $path, array $tabs): void
    {
        $person = $this->person();
        $name === '' ? $person->browser->manage()->deleteAllCookies() : $person->signIn($name);
        $person->open($path)->see('Lernfall')->page();
        $person->still();
        self::assertSame([], $this->serious($person->browser));
        foreach ($tabs as $tab) {
            $person->tab($tab);
            self::assertSame([], $this->serious($person->browser), $tab);
        }
        self::assertSame([], $this->foreignHosts($person->browser));
    }

    public function test_nothing_serious_is_found_in_what_is_laid_over_a_page(): void
    {
        $bench = $this->person()->signIn('kessel')->open('/cases/2')->see('C0045')->press('Adjust the rules of this case')->see('Rules of this case');
        self::assertSame([], $this->serious($bench->browser));
        $publish = $this->person()->open('/cases/2')->see('C0045')->press('Publish')->see('To whom')->press('Choose single apprentices')->see('Bente Sand');
        self::assertSame([], $this->serious($publish->browser));
        $door = $this->person()->open('/people')->see('Dilan Ott')->press('Join by a code')->press('Make a code')->see('valid until');
        self::assertSame([], $this->serious($door->browser));
        $values = $this->person()->open('/cases/2')->see('C0045')->press('Values of the car')->see('Find a value')->fill('Find a value', 'gap');
        self::assertSame([], $this->serious($values->browser));
        $attempt = $this->person()->open('/cases/2/attempts')->press('More for Cem Aydin')->item('Give a fresh car')->see('is set aside');
        self::assertSame([], $this->serious($attempt->browser));
        $report = $this->person()->open('/report/2')->see('Marks and reasons')->press('Decide otherwise: Proof')->see('The apprentice reads this');
        self::assertSame([], $this->serious($report->browser));
        $bay = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->press('What is marked')->see('A repair is sound where');
        self::assertSame([], $this->serious($bay->browser));
    }

    /** @return list<string> */
    private function serious(ChromeDriver $browser): array
    {
        $browser->executeScript((string) file_get_contents(dirname(__DIR__, 2).'/node_modules/axe-core/axe.min.js'));

        return $browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, { resultTypes: ['violations'] }).then(({ violations }) =>
                done(violations.filter(({ impact }) => impact === 'serious' || impact === 'critical')
                    .flatMap(({ id, nodes }) => nodes.map((node) => `${id}: ${node.html.slice(0, 160)} ${node.failureSummary}`))));
            JS);
    }

    /** @return list<string> */
    private function foreignHosts(ChromeDriver $browser): array
    {
        return $browser->executeScript('return [...new Set(performance.getEntriesByType("resource").map((entry) => new URL(entry.name).host))].filter((host) => host !== location.host)');
    }
}
