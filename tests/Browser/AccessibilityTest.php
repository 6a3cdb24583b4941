<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\WebDriverKeys;
use PHPUnit\Framework\Attributes\DataProvider;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Looked;
use Tests\Browser\Support\Overlays;
use Tests\Browser\Support\Pages;

/** Nothing of any impact is found on any page or in anything laid over it, in light and in dark, and nothing comes from elsewhere. */
final class AccessibilityTest extends BrowserTestCase
{
    /** @return array<string, array{string, string, list<string>}> sign-in name, path, tabs to open */
    public static function pages(): array
    {
        return Pages::all();
    }

    /** @param  list<string>  $tabs */
    #[DataProvider('pages')]
    public function test_nothing_is_found(string $name, string $path, array $tabs): void
    {
        $person = $this->person();
        $name === '' ? $person->browser->manage()->deleteAllCookies() : $person->signIn($name);
        $person->open($path)->see('Lernfall')->page();
        $person->still();
        $looked = new Looked($person->browser);
        self::assertSame([], $looked->inLightAndDark());
        foreach ($tabs as $tab) {
            $person->tab($tab)->still();
            self::assertSame([], $looked->inLightAndDark(), $tab);
        }
        self::assertSame([], $this->foreignHosts($person->browser));
    }

    /** @return array<string, array{string, string, list<string>, string}> */
    public static function overlays(): array
    {
        return Overlays::all();
    }

    public function test_whatever_is_laid_over_a_page_is_looked_at(): void
    {
        self::assertSame([], Overlays::missing());
    }

    /** @param  list<string>  $steps */
    #[DataProvider('overlays')]
    public function test_what_is_laid_over_a_page_fits_everywhere_and_gives_the_focus_back(string $name, string $path, array $steps, string $seen): void
    {
        $person = $this->person()->signIn($name)->open($path)->see('Lernfall')->still();
        foreach ($steps as $step) {
            $person->does($step)->still();
        }
        $this->fitsEverywhere($person->see($seen))->keys(WebDriverKeys::ESCAPE)->still();
        $opener = array_values(array_filter($steps, static fn (string $step): bool => preg_match('~^[a-z]+:~', $step) === 0))[0];
        self::assertSame(0, $person->browser->executeScript('return document.querySelectorAll("[role=dialog], [role=menu]").length'));
        self::assertStringContainsString($opener, (string) preg_replace(['~\s+~u', '~ ,~'], [' ', ','], $person->focused()), 'the focus comes back to where it was opened');
    }

    public function test_whatever_can_be_done_is_found_in_a_list_that_fits_everywhere(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->tab('Meter')->press('Prove it')->still();
        $person->browser->getKeyboard()->sendKeys([WebDriverKeys::CONTROL, 'k', WebDriverKeys::CONTROL]);
        $this->fitsEverywhere($person->see('What can be done here'))->keys(WebDriverKeys::ESCAPE)->still();
        self::assertStringContainsString('Prove it', $person->focused());
    }

    public function test_what_is_chosen_is_seen_where_the_system_has_its_own_colours(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->tab('Meter')->still();
        (new ChromeDevToolsDriver($person->browser))->execute('Emulation.setEmulatedMedia', ['features' => [['name' => 'forced-colors', 'value' => 'active']]]);
        $backgrounds = $person->browser->executeScript(<<<'JS'
            const of = (selector) => [...new Set([...document.querySelectorAll(selector)].map((one) => getComputedStyle(one).backgroundColor))];
            return [of('[aria-label="Meter function"] [data-state=on]'), of('[aria-label="Meter function"] [data-state=off]'), of('[role=tab][data-state=active]'), of('[role=tab][data-state=inactive]')];
            JS);
        self::assertNotSame($backgrounds[0], $backgrounds[1]);
        self::assertNotSame($backgrounds[2], $backgrounds[3]);
        (new ChromeDevToolsDriver($person->browser))->execute('Emulation.setEmulatedMedia', ['features' => []]);
    }

    /** WCAG 2.2, 1.4.11: what can be filled in or pressed is told from what lies round it by 3 to 1, by its edge or its ground. */
    public function test_edges_of_fields_are_seen(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->tab('Meter')->press('Name the cause')->see('Readings that support it')->still();
        foreach (['light', 'dark'] as $light) {
            (new ChromeDevToolsDriver($person->browser))->execute('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => $light]]]);
            self::assertSame([], $person->browser->executeScript(<<<'JS'
                const canvas = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
                const rgb = (colour) => { canvas.clearRect(0, 0, 1, 1); canvas.fillStyle = colour; canvas.fillRect(0, 0, 1, 1); return [...canvas.getImageData(0, 0, 1, 1).data]; };
                const luminance = (colour) => rgb(colour).slice(0, 3).map((one) => one / 255).map((one) => (one <= 0.04045 ? one / 12.92 : ((one + 0.055) / 1.055) ** 2.4)).reduce((sum, one, at) => sum + one * [0.2126, 0.7152, 0.0722][at], 0);
                const ratio = (...both) => { const [a, b] = both.map(luminance); return (Math.max(a, b) + 0.05) / (Math.min(a, b) + 0.05); };
                const ground = (one) => { for (let up = one.parentElement; up; up = up.parentElement) { const colour = getComputedStyle(up).backgroundColor; if (rgb(colour)[3] === 255) return colour; } return 'white'; };
                return [...document.querySelectorAll('input:not([type=checkbox], [type=radio], [type=range]), select, textarea, [role=radio]')].filter((one) => one.offsetParent !== null && getComputedStyle(one).position !== 'absolute' && one.getAttribute('aria-checked') !== 'true')
                    .map((one) => { const { borderTopColor, backgroundColor } = getComputedStyle(one); return [one, Math.max(ratio(borderTopColor, ground(one)), ratio(backgroundColor, ground(one)))]; })
                    .filter(([, best]) => best < 3).map(([one, best]) => `${one.getAttribute('aria-label') ?? one.textContent ?? one.id}: ${best.toFixed(2)}`);
                JS), $light);
        }
        (new ChromeDevToolsDriver($person->browser))->execute('Emulation.setEmulatedMedia', ['features' => []]);
    }

    /** @return list<string> */
    private function foreignHosts(ChromeDriver $browser): array
    {
        return $browser->executeScript('return [...new Set(performance.getEntriesByType("resource").map((entry) => new URL(entry.name).host))].filter((host) => host !== location.host)');
    }
}
