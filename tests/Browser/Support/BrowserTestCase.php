<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PHPUnit\Framework\TestCase;

/** One browser and one served demo school per test class. */
abstract class BrowserTestCase extends TestCase
{
    protected static DemoServer $server;

    private static Browser $browser;

    /** @var list<Browser> */
    private static array $others = [];

    public static function setUpBeforeClass(): void
    {
        self::$server = static::served();
        self::$browser = Browser::start();
    }

    public static function tearDownAfterClass(): void
    {
        foreach ([self::$browser, ...self::$others] as $browser) {
            $browser->stop();
        }
        self::$others = [];
        self::$server->stop();
    }

    /** Whatever a test went through: each page came with all the words that it says. */
    protected function assertPostConditions(): void
    {
        foreach ([self::$browser, ...self::$others] as $browser) {
            self::assertSame([], array_filter($browser->log(), static fn (string $line): bool => str_contains($line, 'No words for')));
        }
    }

    /** What lies over the page just now fits at every size, and nothing is found against it in light or in dark. */
    protected function fitsEverywhere(Person $person): Person
    {
        $looked = new Looked($person->still()->browser);
        self::assertSame([], $looked->atEverySize());
        self::assertSame([], $looked->inLightAndDark());

        return $person;
    }

    protected static function served(): DemoServer
    {
        return DemoServer::start();
    }

    protected function person(): Person
    {
        return new Person(self::$browser->driver, self::$server->address);
    }

    /** Somebody else at a browser of their own, at the same time. */
    protected function another(): Person
    {
        self::$others[] = $browser = Browser::start();

        return new Person($browser->driver, self::$server->address);
    }
}
