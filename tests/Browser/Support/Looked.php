<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\Chrome\ChromeDriver;

/** A page looked at in every size and light, and what is wrong with it there. */
final readonly class Looked
{
    private const SIZES = ['desk' => [1280, 800], 'tablet' => [1024, 768], 'phone' => [390, 844], 'large screen' => [1920, 1080], 'twice its size' => [640, 400]];

    private const FOUND = <<<'JS'
        const shown = (one) => { const { width, height } = one.getBoundingClientRect(); return width > 1 && height > 1; };
        const target = (one) => (['checkbox', 'radio'].includes(one.type) && one.closest('label')) || one;
        const small = [...document.querySelectorAll('button, a[href], input, select, textarea, [role=tab], [role=radio], [role=button], [role=menuitem]')].filter(shown).map(target)
            .filter((one) => { const { width, height } = one.getBoundingClientRect(); return Math.min(width, height) < 23.5; })
            .map((one) => `${one.tagName} ${one.getAttribute('aria-label') ?? one.textContent} is too small`);
        const over = [...document.querySelectorAll('[role=dialog], [role=menu]')].filter((one) => { const { left, right, top, bottom } = one.getBoundingClientRect(); return left < -1 || top < -1 || right > innerWidth + 1 || bottom > innerHeight + 1 || one.scrollWidth > one.clientWidth + 1; })
            .map((one) => `${one.getAttribute('aria-label') ?? one.textContent.slice(0, 40)} does not fit`);
        return [...new Set(small), ...over, ...(document.documentElement.scrollWidth > innerWidth ? [`sticks out by ${document.documentElement.scrollWidth - innerWidth} px`] : [])];
        JS;

    /** What hangs on something hangs beside it again once both are in sight. */
    private const DRAWN = <<<'JS'
        const done = arguments[arguments.length - 1];
        document.querySelector('[aria-haspopup][data-state=open]')?.scrollIntoView({ block: 'center' });
        const frames = (count) => (count === 0 ? done() : requestAnimationFrame(() => frames(count - 1)));
        frames(4);
        JS;

    private ChromeDevToolsDriver $window;

    public function __construct(private ChromeDriver $browser)
    {
        $this->window = new ChromeDevToolsDriver($browser);
    }

    /** @return list<string> what sticks out, does not fit or is too small to be met by a finger, at any size */
    public function atEverySize(): array
    {
        $found = [];
        foreach (self::SIZES as $size => [$width, $height]) {
            $this->window->execute('Emulation.setDeviceMetricsOverride', ['width' => $width, 'height' => $height, 'deviceScaleFactor' => 1, 'mobile' => false]);
            $this->browser->executeAsyncScript(self::DRAWN);
            $found = [...$found, ...array_map(static fn (string $one): string => "$size: $one", $this->browser->executeScript(self::FOUND))];
        }
        $this->window->execute('Emulation.clearDeviceMetricsOverride');

        return $found;
    }

    /** @return list<string> what axe-core, an open checker of the WCAG rules, has to say of any impact, in light and in dark */
    public function inLightAndDark(): array
    {
        $found = [];
        foreach (['light', 'dark'] as $light) {
            $this->window->execute('Emulation.setEmulatedMedia', ['features' => [['name' => 'prefers-color-scheme', 'value' => $light], ['name' => 'prefers-reduced-motion', 'value' => 'reduce']]]);
            $found = [...$found, ...array_map(static fn (string $one): string => "$light: $one", $this->violations())];
        }
        $this->window->execute('Emulation.setEmulatedMedia', ['features' => []]);

        return $found;
    }

    /** @return list<string> */
    private function violations(): array
    {
        $this->browser->executeScript((string) file_get_contents(dirname(__DIR__, 3).'/node_modules/axe-core/axe.min.js'));

        return $this->browser->executeAsyncScript(<<<'JS'
            const done = arguments[arguments.length - 1];
            axe.run(document, { resultTypes: ['violations'] }).then(({ violations }) =>
                done(violations.flatMap(({ id, impact, nodes }) => nodes.map((node) => `${impact} ${id}: ${node.html.slice(0, 160)} ${node.failureSummary}`))));
            JS);
    }
}
