<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Looked;
use Tests\Browser\Support\Pages;
use Tests\Browser\Support\Person;

/** Every page on a desk, a tablet, a phone, a large screen and at twice its size: nothing sticks out, and a finger meets everything. */
final class EverySizeTest extends BrowserTestCase
{
    public function test_every_page_is_looked_at(): void
    {
        self::assertSame([], Pages::missing());
    }

    public function test_nothing_sticks_out_and_every_target_is_met_at_any_size(): void
    {
        $person = $this->person();
        $looked = new Looked($person->browser);
        $found = $titles = [];
        $who = null;
        foreach (Pages::all() as $name => [$signIn, $path]) {
            $who === $signIn || $this->enters($person, $who = $signIn);
            $person->open($path)->see('Lernfall')->still();
            $titles[$name] = $person->browser->getTitle();
            $found = [...$found, ...array_map(static fn (string $one): string => "$name, $one", $looked->atEverySize())];
        }
        self::assertSame([], $found);
        self::assertSame($titles, array_unique($titles), 'pages are told apart by their titles');
        self::assertNotContains('Lernfall', $titles);
    }

    public function test_a_tablet_shows_meter_and_leads_beside_the_strip_and_the_card_in_one_tap(): void
    {
        $person = $this->person()->signIn('cem');
        $window = new ChromeDevToolsDriver($person->browser);
        $window->execute('Emulation.setDeviceMetricsOverride', ['width' => 1024, 'height' => 768, 'deviceScaleFactor' => 1, 'mobile' => false]);
        $person->open('/bay/3')->see('Complaint')->tab('Meter')->still();
        $inSight = 'return [...document.querySelectorAll("button")].filter((one) => { const { top, bottom, right } = one.getBoundingClientRect(); return bottom > 0 && top >= 0 && bottom <= innerHeight && right <= innerWidth; }).map((one) => one.textContent).join("|")';
        $buttons = (string) $person->browser->executeScript($inSight);
        foreach (['Read the meter', 'Prove it', 'Write down', 'Ring', 'Module', 'engine'] as $button) {
            self::assertStringContainsString($button, $buttons);
        }
        self::assertStringNotContainsString('Name the cause', $buttons);
        $person->choose('Beside the car', 'Card')->still();
        self::assertStringContainsString('Name the cause', (string) $person->browser->executeScript($inSight));
        $window->execute('Emulation.clearDeviceMetricsOverride');
    }

    private function enters(Person $person, string $signIn): void
    {
        $signIn === '' ? $person->browser->manage()->deleteAllCookies() : $person->signIn($signIn);
    }
}
