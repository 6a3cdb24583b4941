<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Exception\NoSuchElementException;
use Facebook\WebDriver\Exception\StaleElementReferenceException;
use Facebook\WebDriver\WebDriverBy;
use Facebook\WebDriver\WebDriverElement;
use Facebook\WebDriver\WebDriverKeys;
use Facebook\WebDriver\WebDriverSelect;
use PHPUnit\Framework\Assert;

/** A person at the browser, who finds everything by what is written on it. */
final readonly class Person
{
    private const PASSWORD = 'lindenhof';

    private const PATIENCE_SECONDS = 90;

    public function __construct(public ChromeDriver $browser, private string $address)
    {
    }

    /** As somebody who has been shown the bay before. */
    public function signIn(string $name): self
    {
        $this->browser->manage()->deleteAllCookies();

        $this->open('/sign-in')->fill('Sign-in name', $name)->fill('Password', self::PASSWORD)->press('Sign in')->see('Sign out');
        $this->browser->executeScript('localStorage.setItem("lernfall.shown-the-bay." + arguments[0], "1")', [$name]);

        return $this;
    }

    public function open(string $path): self
    {
        $this->browser->get($this->address.$path);

        return $this;
    }

    /** Presses a button or follows a link by its label. */
    public function press(string $label): self
    {
        $name = $this->quoted($label);
        $this->click("//*[self::button or self::a or self::summary][normalize-space(.)=$name or @aria-label=$name or ./span[1][normalize-space(.)=$name]]");

        return $this;
    }

    /** One step of a way through the pages as it is written in a list: "item:…" of a menu, "tab:…", "first:BUTTON", "in:REGION|BUTTON", "set:GROUP=OPTION", "select:LABEL=OPTION", "put:LABEL=TEXT"; else a button. */
    public function does(string $step): self
    {
        [$what, $how] = preg_match('~^([a-z]+):(.+)$~', $step, $parts) === 1 ? [$parts[1], $parts[2]] : ['press', $step];
        [$one, $other] = [...preg_split('~[=|]~', $how, 2) ?: [], ''];

        return match ($what) {
            'item' => $this->item($how),
            'tab' => $this->tab($how),
            'in' => $this->pressIn($one, $other),
            'set' => $this->choose($one, $other),
            'select' => $this->select($one, $other),
            'put' => $this->fill($one, $other),
            default => $this->press($how),
        };
    }

    /** Presses a button inside a named region. */
    public function pressIn(string $region, string $label): self
    {
        $this->click("//*[@aria-label={$this->quoted($region)}]//button[normalize-space(.)={$this->quoted($label)} or ./span[1][normalize-space(.)={$this->quoted($label)}]]");

        return $this;
    }

    /** Chooses one of a group, for example "on" of "Key". */
    public function choose(string $group, string $option): self
    {
        $this->click("//*[@role='radiogroup' and @aria-label={$this->quoted($group)}]//button[normalize-space(.)={$this->quoted($option)} or @aria-label={$this->quoted($option)} or contains(normalize-space(.), {$this->quoted($option)})]");

        return $this;
    }

    /** Chooses from a menu that is open. */
    public function item(string $label): self
    {
        $this->click("//*[@role='menuitem'][normalize-space(.)={$this->quoted($label)} or ./span[1][normalize-space(.)={$this->quoted($label)}]]");

        return $this;
    }

    public function tab(string $label): self
    {
        $this->click("//*[@role='tab'][normalize-space(.)={$this->quoted($label)}]");

        return $this;
    }

    public function pad(string $name): self
    {
        $this->click("//*[name()='g'][@role='button'][starts-with(@aria-label, {$this->quoted($name)})]");

        return $this;
    }

    /** By the keys a person presses: a field that is emptied behind the page's back is filled again when the page is next drawn. */
    public function fill(string $label, string $text): self
    {
        $this->patiently(function () use ($label, $text): bool {
            $this->field($label)->sendKeys([[WebDriverKeys::CONTROL, 'a'], WebDriverKeys::BACKSPACE, $text]);

            return true;
        }, "nothing to fill in at $label");

        return $this;
    }

    public function select(string $label, string $option): self
    {
        $this->patiently(function () use ($label, $option): bool {
            (new WebDriverSelect($this->field($label)))->selectByVisibleText($option);

            return true;
        }, "$option cannot be chosen at $label");

        return $this;
    }

    public function tick(string $text, string $of = ''): self
    {
        $group = $of === '' ? '' : "//fieldset[legend[normalize-space(.)={$this->quoted($of)}]]";
        $this->click("$group//label[contains(normalize-space(.), {$this->quoted($text)})]//input");

        return $this;
    }

    /** Waits until this can be read somewhere on the page. */
    public function see(string $text): self
    {
        $page = $this->until(static fn (string $page): bool => str_contains($page, $text));
        Assert::assertStringContainsString($text, $page);

        return $this;
    }

    /** What is not the same to the letter each time: a time that goes on. */
    public function seeLike(string $pattern): self
    {
        $page = $this->until(static fn (string $page): bool => preg_match($pattern, $page) === 1);
        Assert::assertMatchesRegularExpression($pattern, $page);

        return $this;
    }

    /** Waits until nothing is under way any more and this cannot be read (any longer). */
    public function doNotSee(string $text): self
    {
        $page = $this->until(fn (string $page): bool => ! str_contains($page, $text) && $this->isSettled());
        Assert::assertStringNotContainsString($text, $page);

        return $this;
    }

    /** What can be read on the page once nothing is under way, in one line. */
    public function page(): string
    {
        return $this->until($this->isSettled(...));
    }

    /** Waits until its type has arrived and nothing is under way or fading any more. */
    public function still(): self
    {
        $this->until(fn (): bool => $this->isSettled() && (bool) $this->browser->executeScript(
            'return document.fonts.status === "loaded" && document.getAnimations().every((one) => one.effect?.getTiming().iterations === Infinity || one.playState === "finished")',
        ));

        return $this;
    }

    /** Types keys at whatever has the focus. */
    public function keys(string ...$keys): self
    {
        foreach ($keys as $key) {
            $this->browser->getKeyboard()->sendKeys($key);
            $this->drawn();
        }

        return $this;
    }

    /** Waits until the page has drawn what came of it and nothing is under way. */
    private function drawn(): void
    {
        $this->browser->executeAsyncScript('const done = arguments[0]; requestAnimationFrame(() => requestAnimationFrame(() => done()))');
        $this->until($this->isSettled(...));
    }

    public function focused(): string
    {
        return (string) $this->browser->executeScript('return document.activeElement.getAttribute("aria-label") ?? document.activeElement.innerText');
    }

    /**
     * Looks at the page until it is as wanted, or patience ends; gives it as it was last seen.
     *
     * @param  callable(string): bool  $wanted
     */
    private function until(callable $wanted): string
    {
        $end = microtime(true) + self::PATIENCE_SECONDS;
        do {
            $page = (string) preg_replace('~\s+~u', ' ', (string) $this->browser->executeScript('return document.body.innerText'));
            if ($wanted($page)) {
                return $page;
            }
            usleep(50_000);
        } while (microtime(true) < $end);

        return $page;
    }

    private function isSettled(): bool
    {
        return (bool) $this->browser->executeScript('return document.querySelector("[data-loading], [aria-busy=true]") === null');
    }

    private function field(string $label): WebDriverElement
    {
        $for = $this->found("//label[starts-with(normalize-space(.), {$this->quoted($label)})]")->getAttribute('for');

        return $this->browser->findElement(WebDriverBy::id((string) $for));
    }

    /** Clicks once it is there and can be clicked. */
    private function click(string $path): void
    {
        $this->patiently(function () use ($path): bool {
            $element = $this->found($path);
            if (! $element->isEnabled()) {
                return false;
            }
            $element->click();

            return true;
        }, "nothing to click at $path");
    }

    /**
     * Until it could be done; what is redrawn meanwhile is looked for again.
     *
     * @param  callable(): bool  $act
     */
    private function patiently(callable $act, string $otherwise): void
    {
        $this->browser->wait(self::PATIENCE_SECONDS, 50)->until(static function () use ($act): bool {
            try {
                return $act();
            } catch (NoSuchElementException|StaleElementReferenceException) {
                return false;
            }
        }, $otherwise);
    }

    private function found(string $path): WebDriverElement
    {
        $this->browser->wait(self::PATIENCE_SECONDS, 50)->until(fn (): bool => $this->browser->findElements(WebDriverBy::xpath($path)) !== [], "nothing at $path");

        return $this->browser->findElement(WebDriverBy::xpath($path));
    }

    private function quoted(string $text): string
    {
        return str_contains($text, "'") ? '"'.$text.'"' : "'$text'";
    }
}
