<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\WebDriverDimension;
use PHPUnit\Framework\TestCase;

/** One browser and one served demo school per test class. */
abstract class BrowserTestCase extends TestCase
{
    protected static DemoServer $server;

    protected static ChromeDriver $browser;

    private static string $profile;

    public static function setUpBeforeClass(): void
    {
        self::$server = DemoServer::start();
        self::$browser = self::startBrowser();
    }

    public static function tearDownAfterClass(): void
    {
        self::$browser->quit();
        self::$server->stop();
        exec('rm -rf '.escapeshellarg(self::$profile));
    }

    protected function person(): Person
    {
        return new Person(self::$browser, self::$server->address);
    }

    private static function startBrowser(): ChromeDriver
    {
        putenv('WEBDRIVER_CHROME_DRIVER='.trim((string) shell_exec('command -v chromedriver')));
        self::$profile = sys_get_temp_dir().'/lernfall-browser-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)
            ->setBinary(trim((string) shell_exec('command -v chromium')))
            ->addArguments([
                '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
                '--disable-background-networking', '--disable-component-update', '--disable-sync',
                '--disable-dev-shm-usage', '--force-device-scale-factor=1', '--user-data-dir='.self::$profile,
            ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $browser = ChromeDriver::start($capabilities);
        self::pageSize($browser, 1280, 800);

        return $browser;
    }

    /** Sets the window so that the page itself, without the browser's own frame, has this size. */
    protected static function pageSize(ChromeDriver $browser, int $width, int $height): void
    {
        $browser->manage()->window()->setSize(new WebDriverDimension($width, $height));
        /** @var array{int, int} $inner */
        $inner = $browser->executeScript('return [window.innerWidth, window.innerHeight]');
        $browser->manage()->window()->setSize(new WebDriverDimension(2 * $width - $inner[0], 2 * $height - $inner[1]));
    }
}
