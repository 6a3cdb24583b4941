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
