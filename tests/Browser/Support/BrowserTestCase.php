<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use PHPUnit\Framework\TestCase;

/** One browser and one served demo school per test class. */
abstract class BrowserTestCase extends TestCase
{
    protected static DemoServer $server;

    private static Browser $browser;

    public static function setUpBeforeClass(): void
    {
        self::$server = DemoServer::start();
        self::$browser = Browser::start();
    }

    public static function tearDownAfterClass(): void
    {
        self::$browser->stop();
        self::$server->stop();
    }

    protected function person(): Person
    {
        return new Person(self::$browser->driver, self::$server->address);
    }
}
