<?php

/* Refreshes docs/screenshots from the demo data. Run as: ./lernfall pictures */

declare(strict_types=1);

use Facebook\WebDriver\WebDriverBy;
use Tests\Browser\Support\Browser;
use Tests\Browser\Support\DemoServer;
use Tests\Browser\Support\Person;

require __DIR__.'/../vendor/autoload.php';

$views = [
    'sign-in' => ['', '/sign-in', 'Password'],
    'jobs' => ['cem', '/jobs', 'The midwife'],
    'bay' => ['cem', '/bay/3', 'Complaint'],
    'report' => ['bente', '/report/2', 'Marks and reasons'],
    'cases' => ['kessel', '/cases', 'Green pin'],
    'bench' => ['kessel', '/cases/2', 'C0045'],
    'attempts' => ['kessel', '/cases/1/attempts', 'Arlo'],
];
$server = DemoServer::start();
$browser = Browser::start();
$signedIn = '';
foreach ($views as $view => [$name, $path, $text]) {
    $person = new Person($browser->driver, $server->address);
    if ($name !== '' && $name !== $signedIn) {
        $person->signIn($name);
        $signedIn = $name;
    }
    $person->open($path)->see($text);
    $browser->driver->findElement(WebDriverBy::tagName('body'));
    usleep(700_000);
    $browser->driver->takeScreenshot(__DIR__."/../docs/screenshots/$view.png");
    echo "docs/screenshots/$view.png\n";
}
$browser->stop();
$server->stop();
