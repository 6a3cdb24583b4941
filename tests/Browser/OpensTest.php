<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\BrowserTestCase;

final class OpensTest extends BrowserTestCase
{
    public function test_the_application_opens_in_a_browser(): void
    {
        self::$browser->get(self::$server->address.'/');
        $heading = self::$browser->findElement(WebDriverBy::tagName('h1'));

        self::assertSame('Lernfall', $heading->getText());
    }
}
