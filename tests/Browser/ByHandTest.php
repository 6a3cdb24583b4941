<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\Chrome\ChromeDevToolsDriver;
use Facebook\WebDriver\WebDriverKeys as Key;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** The second half of a job, from a reading to its report: by keys alone, and by taps alone. How many it takes is counted. */
final class ByHandTest extends BrowserTestCase
{
    /** From the strip to the entry on the card. */
    private const MOST_KEYS_FOR_A_READING = 20;

    /** From naming the cause to the report. */
    private const MOST_KEYS_TO_THE_REPORT = 130;

    private const MOST_TAPS_TO_THE_REPORT = 25;

    public function test_a_reading_goes_on_the_card_by_keys_alone(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->tab('Meter')->still();
        $person->browser->executeScript('document.querySelector("[data-pad][tabindex=\'0\']").focus()');
        $this->begin($person);
        $person->keys('1', Key::ARROW_DOWN, '2', 'm')->see('step 20');
        self::assertSame(1, preg_match('~(\d+\.\d+) ?(k?Ω|MΩ)~u', str_replace("\u{2009}", ' ', (string) $person->browser->executeScript('return document.querySelector("[data-tour=slate] [role=status]").innerText.replace(/\s+/g, " ")')), $shown));
        $person->keys('e', ...str_split($shown[1]))->keys(Key::TAB, mb_substr($shown[2], 0, 1), Key::TAB, Key::ARROW_RIGHT, Key::ARROW_RIGHT, Key::ENTER, Key::TAB, Key::ENTER)->see((float) $shown[1]." $shown[2] in");
        $keys = $this->counted($person);
        self::assertLessThanOrEqual(self::MOST_KEYS_FOR_A_READING, $keys);
        self::assertGreaterThan(10, $keys);
    }

    public function test_a_job_is_brought_to_its_report_by_keys_alone(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint')->tab('Meter')->still();
        $this->begin($person);
        $person->keys('c')->see('Readings that support it')->keys(Key::TAB, Key::TAB, Key::TAB, ...str_split('corr'))->keys(Key::TAB, ' ', Key::TAB, ' ', Key::ENTER)->see('the sensor plug: corroded');
        $person->keys('p')->see('Do it')->keys(Key::TAB, Key::ENTER)->doNotSee('Do it');
        foreach (['mod. plug: j' => 'nothing, all plugs are joined', 'lower' => 'Car: chocked', 'chocks' => 'Car: on the floor', 'key: engine' => 'engine', 'clear the c' => 'Codes cleared.', 'road t' => 'Road test driven', 'read the c' => 'No code stored.'] as $typed => $seen) {
            $this->fromPalette($person, $typed)->see($seen);
        }
        $this->fromPalette($person, 'close t')->see('How does the car leave?')->keys(Key::TAB, Key::TAB, Key::ENTER)->see('This job is closed.');
        $this->fromPalette($person, 'to the r')->see('Report ·');
        $keys = $this->counted($person);
        self::assertLessThanOrEqual(self::MOST_KEYS_TO_THE_REPORT, $keys);
        self::assertGreaterThan(60, $keys);
    }

    public function test_a_job_is_brought_to_its_report_by_taps_alone_beside_the_car(): void
    {
        $person = $this->person()->signIn('arlo')->see('midwife')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint');
        $window = new ChromeDevToolsDriver($person->browser);
        $window->execute('Emulation.setDeviceMetricsOverride', ['width' => 1024, 'height' => 768, 'deviceScaleFactor' => 1, 'mobile' => false]);
        $window->execute('Emulation.setTouchEmulationEnabled', ['enabled' => true]);
        $taps = 0;
        $tap = static function (string ...$names) use ($person, $window, &$taps): void {
            foreach ($names as $name) {
                [$x, $y] = $person->still()->browser->executeScript(self::CENTRE, [$name]) ?? self::fail("nothing to tap: $name");
                $window->execute('Input.dispatchTouchEvent', ['type' => 'touchStart', 'touchPoints' => [['x' => $x, 'y' => $y]]]);
                $window->execute('Input.dispatchTouchEvent', ['type' => 'touchEnd', 'touchPoints' => []]);
                $taps++;
                $person->still();
            }
        };
        $tap('Verify', 'Look at the lamps');
        $person->see('as last looked at, step 1');
        $tap('Rear left', 'Plug', 'Open the plug', 'Look into the sensor plug');
        $person->see('What you saw')->tick('green on a pin');
        $taps += 2;
        $tap('out', 'Write down', 'Card');
        $person->see('green on a pin out');
        $tap('Name the cause');
        $person->see('Readings that support it')->select('Defect', 'corroded contact');
        $taps += 2;
        $tap('Write the cause down');
        $person->see('the sensor plug: corroded');
        $tap('Clean, reseat sensor plug', 'Do it', 'Card', 'Close the job', 'Do it');
        $person->see('This job is closed.');
        $tap('To the report');
        $person->see('Report ·');
        self::assertLessThanOrEqual(self::MOST_TAPS_TO_THE_REPORT, $taps);
        $window->execute('Emulation.setTouchEmulationEnabled', ['enabled' => false]);
        $window->execute('Emulation.clearDeviceMetricsOverride');
    }

    private const CENTRE = <<<'JS'
        const name = arguments[0];
        const says = (one) => (one.getAttribute('aria-label') ?? one.innerText.split('\n')[0]).trim().replace(/\s+,/g, ',');
        const all = [...document.querySelectorAll('[role=dialog] button, [role=menuitem], button, a[href], [role=tab]')].filter((one) => one.offsetParent !== null && !one.disabled);
        const one = all.find((each) => says(each) === name) ?? all.find((each) => says(each).startsWith(name));
        if (!one) return null;
        one.scrollIntoView({ block: 'center' });
        const { left, top, width, height } = one.getBoundingClientRect();
        return [left + width / 2, top + height / 2];
        JS;

    private function fromPalette(Person $person, string $typed): Person
    {
        $person->still()->browser->getKeyboard()->sendKeys([Key::CONTROL, 'k', Key::CONTROL]);

        return $person->see('What can be done here')->keys(...str_split($typed))->keys(Key::ENTER);
    }

    private function begin(Person $person): void
    {
        $person->browser->executeScript('window.keys = 0; addEventListener("keydown", ({ key }) => { if (key !== "Control") window.keys++; }, true)');
    }

    private function counted(Person $person): int
    {
        return (int) $person->browser->executeScript('return window.keys');
    }
}
