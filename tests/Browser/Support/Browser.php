<?php

declare(strict_types=1);

namespace Tests\Browser\Support;

use Facebook\WebDriver\Chrome\ChromeDriver;
use Facebook\WebDriver\Chrome\ChromeDriverService;
use Facebook\WebDriver\Chrome\ChromeOptions;
use Facebook\WebDriver\Remote\DesiredCapabilities;
use Facebook\WebDriver\WebDriverDimension;

/** A headless browser with a fresh profile and a page of 1280 × 800. */
final readonly class Browser
{
    private function __construct(public ChromeDriver $driver, private string $profile)
    {
    }

    public static function start(): self
    {
        $profile = sys_get_temp_dir().'/lernfall-browser-'.bin2hex(random_bytes(6));
        $options = (new ChromeOptions)
            ->setBinary(trim((string) shell_exec('command -v chromium')))
            ->addArguments([
                '--headless=new', '--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run',
                '--disable-background-networking', '--disable-component-update', '--disable-sync',
                '--disable-dev-shm-usage', '--force-device-scale-factor=1', '--user-data-dir='.$profile,
            ]);
        $capabilities = DesiredCapabilities::chrome();
        $capabilities->setCapability(ChromeOptions::CAPABILITY, $options);
        $capabilities->setCapability('goog:loggingPrefs', ['browser' => 'ALL']);
        $browser = new self(ChromeDriver::start($capabilities, self::service()), $profile);
        $browser->pageSize(1280, 800);

        return $browser;
    }

    /** On a port of its own, so that two runs do not meet. */
    private static function service(): ChromeDriverService
    {
        $port = FreePort::find();

        return new ChromeDriverService(trim((string) shell_exec('command -v chromedriver')), $port, ["--port=$port"]);
    }

    /** Sets the window so that the page itself, without the browser's own frame, has this size. */
    public function pageSize(int $width, int $height): void
    {
        $window = $this->driver->manage()->window();
        $window->setSize(new WebDriverDimension($width, $height));
        /** @var array{int, int} $inner */
        $inner = $this->driver->executeScript('return [window.innerWidth, window.innerHeight]');
        $window->setSize(new WebDriverDimension(2 * $width - $inner[0], 2 * $height - $inner[1]));
    }

    /** @return list<string> what the page wrote into the browser's log since this was last asked */
    public function log(): array
    {
        return array_column($this->driver->manage()->getLog('browser'), 'message');
    }

    public function stop(): void
    {
        $this->driver->quit();
        exec('rm -rf '.escapeshellarg($this->profile));
    }
}
