<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** What the module does and tells: a lamp that is counted, a supply it withholds, a code caught on the road. */
final class ModuleTest extends BrowserTestCase
{
    /** Several rounds of a list. */
    private const PATIENCE_SECONDS = 120;

    public function test_a_code_is_counted_from_the_lamp_and_the_pedal_clears_it_after_the_repair(): void
    {
        $person = $this->started('arlo', "The chimney sweep's Mirl")->choose('Key', 'on')->tab('Scan')
            ->choose('Check connector', 'open')->press('Watch the lamp')->see('Count the blinks');
        $code = $this->counted($person);
        self::assertSame('24', $code);
        $person->fill('Code', $code)->press('Write a code down')->see("Codes noted before clearing $code");

        $person->choose('Key', 'off')->pressIn('Car', 'Chock')->see('Car: chocked')->pressIn('Car', 'Raise')->see('raised, no stands')->pressIn('Car', 'Stands')->see('on stands')
            ->choose('Corner', 'Rear right')->tab('Hands')->press('Renew the sensor')->press('Do it')->see('34 € parts')
            ->pressIn('Car', 'Lower')->pressIn('Car', 'Unchock')->see('on the floor')->choose('Key', 'engine')
            ->tab('Scan')->fill('Presses', '10')->fill('in seconds', '3.5')->press('Press the pedal')
            ->press('Road test')->see('Road test driven')->press('Watch the lamp')->press('Draw it as a strip');

        self::assertStringContainsString('lit 0.3 s, dark 0.3 s', (string) $person->browser->executeScript("return document.querySelector('[role=tabpanel][data-state=active] svg[role=img]').getAttribute('aria-label')"));
    }

    public function test_no_scan_tool_lists_a_brake_system_that_blinks(): void
    {
        $page = $this->started('bente', "The chimney sweep's Mirl")->choose('Key', 'on')->tab('Scan')->choose('Read by', 'a scan tool')->see('System in its menu')->page();

        self::assertStringNotContainsString('brake system', $page);
    }

    public function test_no_supply_at_the_open_plug_is_compared_with_another_corner_and_measured_with_the_plug_joined(): void
    {
        $person = $this->started('arlo', "The potter's Lendo")
            ->choose('Corner', 'Front left')->choose('Plug FL', 'open')->choose('Corner', 'Front right')->choose('Plug FR', 'open')->choose('Key', 'on')
            ->tab('Meter')->choose('Meter function', 'V DC');
        $trap = $this->across($person, 'Front left', 'FL');
        self::assertLessThan(6.0, $trap, 'no battery voltage: the module looks guilty');
        self::assertEqualsWithDelta($trap, $this->across($person, 'Front right', 'FR'), 0.1, 'the corner without a code shows the same');

        $person->choose('Key', 'off')->choose('Corner', 'Front left')->choose('Plug FL', 'joined')->choose('Corner', 'Front right')->choose('Plug FR', 'joined')->choose('Key', 'on');
        self::assertGreaterThan(10.0, $this->across($person, 'Front left', 'FL'), 'plug joined, key turned, back-probed: the supply is there');
        self::assertGreaterThan(10.0, $this->across($person, 'Front right', 'FR'));
    }

    public function test_a_fault_of_left_bends_is_caught_by_a_snapshot(): void
    {
        $person = $this->started('arlo', "The cellist's Lendo")->choose('Key', 'engine')->tab('Scan')->select('Vehicle in its menu', 'Lendo 1.5')->select('System in its menu', 'Slip and stability unit')
            ->press('Read the codes')->see('left bend')->press('Clear the codes')->see('cannot be read again')->press('Do it')->see('Codes cleared.')->select('Drive', 'left bends');
        $caught = false;
        for ($drive = 1; $drive <= 5 && ! $caught; $drive++) {
            $person->press('Snapshot on code')->see("step {$this->steps($drive)}");
            $caught = str_contains($person->page(), 'upright line');
        }

        self::assertTrue($caught, 'it answers a left bend more often than not');
        $person->see('C0034-11 was set at the upright line.')->press('Read the codes')->see('C0034-11');
    }

    public function test_lamps_without_a_code_lead_to_a_switch_in_the_live_data(): void
    {
        $person = $this->started('bente', "The postwoman's Harl")->choose('Key', 'on')->tab('Eyes')->press('Look at the lamps')->see('ABS and traction control not available')
            ->tab('Scan')->select('Vehicle in its menu', 'Harl 1.3')->select('System in its menu', 'Wheel lock prevention')->press('Read the codes')->see('No code stored.')->press('Note: none stored')->see('none stored')->press('Strike out')->see('struck out')
            ->press('Watch the switches')->see('Level, hydraulic unit stays open');
        $person->select('Which of them', 'Level, hydraulic unit')->select('What you saw', 'It stays open')->choose('Judgement', 'out')->press('Write down')->see('It stays open out')
            ->press('Leave system')
            ->choose('Corner', 'Supply of the module')->press('Name the cause')->select('Place', 'Switches')->select('Defect', 'level switch of the hydraulic unit')->tick('It stays open out')->press('Write the cause down')->see('the switches: level switch')
            ->choose('Key', 'off')->tab('Hands')->press('Renew the level switch')->press('Do it')->see('38 € parts')
            ->choose('Key', 'on')->tab('Eyes')->press('Look at the lamps')->see('No message');
    }

    public function test_a_free_drive_names_the_stretch_that_cannot_be_driven(): void
    {
        $this->started('dilan', "The vet's Lendo")->choose('Key', 'engine')->tab('Scan')->select('Drive', 'free, by stretches')->press('Add a stretch')
            ->fill('km/h', '200')->press('Road test')->see('Choose between 2 and 90.')
            ->fill('km/h', '40')->press('Road test')->see('Road test driven');
    }

    /** Key, codes read and cleared, then the drives. */
    private function steps(int $drive): int
    {
        return 3 + $drive;
    }

    private function started(string $who, string $job): Person
    {
        return $this->person()->signIn($who)->pressIn($job, 'Start the job')->see('Complaint');
    }

    private function across(Person $person, string $corner, string $channel): float
    {
        $person->choose('Corner', $corner)->pad("$channel sensor plug, module side, wire 1")->pad("$channel sensor plug, module side, wire 2")->press('Read the meter')->see('Write it on the card')->page();

        return preg_match('~(-?\d+\.\d+)\s*(m?)V~u', (string) $person->browser->executeScript("return document.querySelector('[role=tabpanel][data-state=active]').innerText"), $found) === 1
            ? (float) $found[1] / ($found[2] === 'm' ? 1000.0 : 1.0)
            : NAN;
    }

    /** As an eye does it: blinks close together make a digit, a pause parts the digits, a long one ends the list. */
    private function counted(Person $person): string
    {
        $person->browser->executeScript(<<<'JS'
            const lamp = document.querySelector('[data-lit]');
            window.seen = [];
            new MutationObserver(() => window.seen.push([performance.now(), lamp.dataset.lit === 'true'])).observe(lamp, { attributes: true, attributeFilter: ['data-lit'] });
            JS);
        $counted = '';
        $person->browser->wait(self::PATIENCE_SECONDS, 500)->until(function () use ($person, &$counted): bool {
            $counted = self::code((array) $person->browser->executeScript('return window.seen'));

            return $counted !== '';
        }, 'no code to count');

        return $counted;
    }

    /**
     * @param  array<int, array{float|int, bool}>  $seen  milliseconds, and whether it was lit from then on
     * @return string the two digits of the first list seen to its end; "" where none was yet
     */
    private static function code(array $seen): string
    {
        $code = '';
        $blinks = 0;
        $dark = 0.0;
        foreach ($seen as [$at, $lit]) {
            $pause = ($at - $dark) / 1000.0;
            if ($lit && $dark > 0.0 && $pause > 1.0) {
                $code .= $blinks > 0 ? $blinks : '';
                $blinks = 0;
                if ($pause > 3.0 && strlen($code) === 2) {
                    return $code;
                }
                $code = $pause > 3.0 ? '' : $code;
            }
            $blinks += $lit ? 1 : 0;
            $dark = $lit ? $dark : (float) $at;
        }

        return '';
    }
}
