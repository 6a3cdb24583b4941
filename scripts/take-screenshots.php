<?php

/* Refreshes docs/screenshots from the demo data. Run as: ./lernfall pictures */

declare(strict_types=1);

use Tests\Browser\Support\Browser;
use Tests\Browser\Support\DemoServer;
use Tests\Browser\Support\Person;

require __DIR__.'/../vendor/autoload.php';

$views = [
    'jobs' => ['cem', '/jobs', 'The midwife'],
    'bay' => ['cem', '/bay/3', 'Complaint'],
    'handbook' => ['cem', '/handbook', 'Order of work'],
    'lab' => ['cem', '/lab', 'Induced peak'],
    'report' => ['bente', '/report/2', 'Marks and reasons'],
    'cases' => ['kessel', '/cases', 'Green pin'],
    'bench' => ['kessel', '/cases/2', 'C0045'],
    'attempts' => ['kessel', '/cases/1/attempts', 'Arlo'],
    'people' => ['kessel', '/people', 'Dilan Ott'],
    'marks' => ['kessel', '/marks', 'Bente Sand'],
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
    usleep(700_000);
    $browser->driver->takeScreenshot(__DIR__."/../docs/screenshots/$view.png");
    echo "docs/screenshots/$view.png\n";
}
$person->signIn('dilan')->pressIn("The surveyor's Lendo", 'Start the job')->see('Complaint')
    ->pressIn('Car', 'Chock')->see('Car: chocked')->pressIn('Car', 'Raise')->see('raised, no stands')->pressIn('Car', 'Stands')->see('on stands')
    ->choose('Key', 'on')->choose('Corner', 'Front right')->tab('Hands')->press('Turn')->see('wheel turning')
    ->tab('Scope')->pad('FR module plug, wheel side, wire 2')->pad('body')
    ->select('Input 1, volts a division', "500\u{2009}mV")->select('Time a division', "20\u{2009}ms")->fill('Trigger at', '1')
    ->press('Sweep once')->see('Input 1, swing');
usleep(500_000);
$browser->driver->takeScreenshot(__DIR__.'/../docs/screenshots/scope.png');
echo "docs/screenshots/scope.png\n";
$picture = static function (string $view) use ($browser): void {
    usleep(500_000);
    $browser->driver->takeScreenshot(__DIR__."/../docs/screenshots/$view.png");
    echo "docs/screenshots/$view.png\n";
};
$person->signIn('bente')->pressIn("The florist's van", 'Start the job')->see('Complaint')
    ->tab('Sheet')->press('Look up the data sheet')->see('Where parts sit')->choose('Corner', 'Rear left');
$browser->driver->executeScript('document.querySelector("[role=tabpanel][data-state=active]").scrollTop = 330');
$picture('sheet');
$person->choose('Corner', 'Supply of the module')->choose('Key', 'on')->tab('Meter')->choose('Meter function', 'V DC')
    ->pad('module plug, ground pin')->pad('body')->press('Read the meter')->see('Write it on the card');
$person->tab('Clamp')->select('Around the wire at', 'module plug, supply pin')->press('Close it and read')->see('set to zero before');
$picture('clamp');
$person->open('/jobs')->pressIn("The pharmacy's Harl", 'Start the job')->see('Complaint')->choose('Corner', 'Front left')->choose('Plug FL', 'open')
    ->choose('Corner', 'Rear left')->choose('Plug RL', 'open')->choose('Corner', 'Front left')
    ->tab('Leads')->choose('What to clip on', 'Jumpers')->press('This sensor to the loom of RL')->see('RL sensor plug, module side, wire 2');
$picture('leads');
$person->open('/jobs')->pressIn("The weaver's Harl", 'Start the job')->see('Complaint')->choose('Corner', 'Supply of the module')->press('Hydraulics')->choose('Key', 'on')
    ->pad('valve fuse, load side')->pad('behind the valve relay')->tab('Meter')->choose('Meter function', 'V DC')->select('Meanwhile the terminal', 'FL reduces')->select('and', 'RR reduces')->press('Read the meter')->see('Write it on the card');
$picture('unit');
$person->open('/jobs')->pressIn("The chimney sweep's Mirl", 'Start the job')->see('Complaint')->choose('Key', 'on')->tab('Scan')->choose('Check connector', 'open')->press('Watch the lamp')->see('Count the blinks');
$browser->driver->wait(10, 20)->until(static fn () => $browser->driver->executeScript("return document.querySelector('[data-lit]').dataset.lit === 'true'"));
$browser->driver->takeScreenshot(__DIR__.'/../docs/screenshots/lamp-code.png');
echo "docs/screenshots/lamp-code.png\n";
$person->signIn('cem')->open('/bay/3')->see('Complaint')->choose('Corner', 'Rear right')->choose('Plug RR', 'open')->see('plug open')->tab('Eyes')->press('Look into the sensor plug')->see('Sensor plug, Rear right')
    ->choose('Corner', 'Rear left')->choose('Plug RL', 'open')->see('plug open')->press('Look at the ring')->see('Ring in its slot, Rear left')->press('Look into the sensor plug')->see('Sensor plug, Rear left')->press('Look closer')->see('Looked at, in order')->keys('t', 't', 't');
$picture('looking');
$person->open('/lab/road')->see('Front left')->see('does not answer');
$picture('road-lab');
$person->signIn('kessel')->open('/cases/4')->see('What the apprentice will meet')->press('Adjust the rules of this case')->see('Rules of this case');
$picture('rules');
$browser->stop();
$server->stop();
