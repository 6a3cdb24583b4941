<?php

declare(strict_types=1);

namespace Tests\Browser;

use Facebook\WebDriver\WebDriverKeys;
use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** Scope and generator as a person uses them. */
final class InstrumentsTest extends BrowserTestCase
{
    public function test_a_square_wave_is_seen_on_the_return_wire(): void
    {
        $person = $this->secured("The surveyor's Lendo")->choose('Key', 'on')->choose('Corner', 'Front right')
            ->tab('Hands')->press('Turn')->see('wheel turning')
            ->tab('Scope')->pad('FR module plug, wheel side, wire 2')->pad('body')
            ->select('Input 1, volts a division', "500\u{2009}mV")->select('Time a division', "20\u{2009}ms")->fill('Trigger at', '1')
            ->press('Sweep once')->see('Input 1, swing')->see('Input 1, mean');

        self::assertSame(1, preg_match('~Input 1, swing (\d\.\d\d) ?V~u', str_replace("\u{2009}", ' ', $person->page()), $found));
        self::assertEqualsWithDelta(0.67, (float) $found[1], 0.1);
        // the canvas holds more than its grid: both levels of the wave
        $rows = $person->browser->executeScript(<<<'JS'
            const canvas = document.querySelector('canvas');
            const pixels = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height).data;
            const rows = new Set();
            for (let i = 0; i < pixels.length; i += 4) if (pixels[i] > 230 && pixels[i + 3] > 200) rows.add(Math.floor(i / 4 / canvas.width));
            return rows.size;
            JS);
        self::assertGreaterThan(20, $rows);

        $person->press('Larger')->see('step in level')->keys(WebDriverKeys::ESCAPE)->doNotSee('Screen of the scope');
        self::assertSame(1, preg_match('~repeats at\s+([\d.]+) ?Hz~u', str_replace("\u{2009}", ' ', $person->page()), $between));
        $person->press('Write it on the card')->select('What you read', 'What repeats between the cursors, frequency')->fill('Value', $between[1])->select('Unit', 'Hz')
            ->choose('Judgement', 'says nothing')->press('Write down')->see("$between[1] Hz")->see('What repeats between the cursors');
    }

    public function test_alternating_volts_are_read_while_the_wheel_turns(): void
    {
        $person = $this->secured("The midwife's Harl")
            ->choose('Corner', 'Front right')->tab('Hands')->press('Turn')->see('wheel turning')
            ->tab('Meter')->choose('Meter function', 'V AC')->pad('FR module plug, wheel side, wire 1')->pad('FR module plug, wheel side, wire 2')
            ->press('Read the meter')->see('Write it on the card')->see('true RMS');

        self::assertSame(1, preg_match('~(\d\d\.\d) mV~', $person->page(), $found));
        // common practice, no source: 50 to 90 mV turned slowly by hand, a little less behind coil and input
        self::assertThat((float) $found[1], self::logicalAnd(self::greaterThan(35.0), self::lessThan(90.0)));
    }

    public function test_an_injection_moves_the_speed_in_live_data(): void
    {
        $this->secured("The bakery's Harl")->choose('Corner', 'Front left')->choose('Plug FL', 'open')->choose('Key', 'on')
            ->tab('Leads')->fill('Frequency', '200')->fill('Peak', '2')->press('Connect, front left')->see('On the loom, Front left')
            ->press('Read speeds')->see('27.')->press('Take it off')->see('No generator is connected.');
    }

    public function test_the_clamp_reads_the_supply_of_the_module_by_keys_and_says_where_it_cannot_go(): void
    {
        $person = $this->person()->signIn('cem')->pressIn("The pharmacy's Harl", 'Start the job')->see('Complaint')->choose('Key', 'on')
            ->tab('Clamp')->select('Around the wire at', 'FL sensor plug, wheel side, wire 1')->press('Close it and read')->see('no wire runs by itself')
            ->choose('Corner', 'Supply of the module')->select('Around the wire at', 'module plug, supply pin');
        $person->browser->executeScript('document.activeElement.blur()');
        $person->keys('k')->see('Write it on the card')->see('set to zero before');

        self::assertSame(1, preg_match('~(\d{3}) mA~', str_replace("\u{2009}", ' ', $person->page()), $found));
        // 12.4 V over 36 Ω and the wires before it
        self::assertEqualsWithDelta(340.0, (float) $found[1], 25.0);
    }

    public function test_a_generator_on_a_joined_plug_is_refused(): void
    {
        $this->person()->signIn('bente')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint')
            ->tab('Leads')->press('Connect, front left')->see('Open the plug first.');
    }

    /** Fed backwards without a limit that saves it, an active sensor takes nothing any more, whichever way round. */
    public function test_a_reversed_bench_supply_kills_an_active_sensor(): void
    {
        $person = $this->person()->signIn('bente')->pressIn("The surveyor's Lendo", 'Start the job')->see('Complaint')
            ->choose('Corner', 'Front left')->choose('Plug FL', 'open')->see('plug open')
            ->tab('Leads')->choose('What to clip on', 'Bench supply')->press('Connect, front left')->see('Put this lead on a pin.');
        $this->leads($person, 1, 2)->press('Connect, front left')->see('at its set voltage');
        self::assertMatchesRegularExpression('~1[12]\.\d\d V (6|7|13|14)\.\d mA~', $person->page());

        $this->leads($person->fill('Current limit', '200'), 2, 1)->press('Connect, front left')->see('at most 200 mA')
            ->press('Take it off')->see('The supply is not connected.');
        $this->leads($person, 1, 2)->press('Connect, front left')->see('at most 200 mA');
        self::assertMatchesRegularExpression('~1[12]\.\d\d V 0\.[01] mA~', $person->page());
    }

    /** The return bridged, the meter in the supply, and only then the key on: the module checks and feeds the sensor through the meter. */
    public function test_the_current_of_an_active_sensor_is_read_in_series(): void
    {
        $person = $this->person()->signIn('arlo')->pressIn("The surveyor's Lendo", 'Start the job')->see('Complaint')
            ->choose('Corner', 'Front right')->choose('Plug FR', 'open')->see('plug open')->tab('Leads')->choose('What to clip on', 'Jumpers')
            ->pad('FR sensor plug, module side, wire 2')->pad('FR sensor plug, wheel side, wire 2')->press('Between the pads of leads 1 and 2')->see('wire 2 to FR sensor plug, wheel side, wire 2')
            ->tab('Meter')->choose('Meter function', 'mA')->pad('FR sensor plug, module side, wire 1')->pad('FR sensor plug, wheel side, wire 1')
            ->press('Read the meter')->see('meter in series')->choose('Key', 'on')->press('Read the meter')->see('step 5');

        self::assertMatchesRegularExpression('~(6|7|13|14)\.\d\d mA~', str_replace("\u{2009}", ' ', $person->page()));
        $person->choose('Plug FR', 'joined')->see('plug joined')->doNotSee('meter in series');
    }

    public function test_a_low_limit_holds_the_current(): void
    {
        $person = $this->person()->signIn('cem')->pressIn("The surveyor's Lendo", 'Start the job')->see('Complaint')
            ->choose('Corner', 'Front left')->choose('Plug FL', 'open')->see('plug open')
            ->tab('Leads')->choose('What to clip on', 'Bench supply')->fill('Current limit', '3');
        $this->leads($person, 1, 2)->press('Connect, front left')->see('at its current limit');
    }

    /** The positive lead on one pin of the sensor, a load of 110 Ω from the other one to the negative terminal. */
    private function leads(Person $person, int $fed, int $returns): Person
    {
        $pin = static fn (int $wire): string => "FL sensor plug, wheel side, wire $wire";

        return $person->select('Lead from + on', $pin($fed))->fill('Load resistor', '110')->select('Load from', $pin($returns))->select('Load to', 'bench −');
    }

    public function test_a_jumper_brings_one_sensor_to_the_other_sides_loom(): void
    {
        $this->secured("The pharmacy's Harl")->choose('Corner', 'Front left')->choose('Plug FL', 'open')->choose('Corner', 'Rear left')->choose('Plug RL', 'open')
            ->choose('Corner', 'Front left')->tab('Leads')->choose('What to clip on', 'Jumpers')->press('This sensor to the loom of RL')->see('RL sensor plug, module side, wire 2')
            ->choose('Key', 'on')->tab('Hands')->fill('turns a second', '2')->press('Turn')->see('wheel turning')
            ->tab('Scan')->select('Vehicle in its menu', 'Harl 1.3')->select('System in its menu', 'Wheel lock prevention')->press('Standing')->see('12.')
            ->tab('Leads')->press('Take all off')->see('No jumper lead is on the car.');
    }

    public function test_a_part_from_the_shelf_is_tried_and_goes_back_before_the_job_is_closed(): void
    {
        $this->secured("The brewer's van")->choose('Corner', 'Front right')->choose('Front right · ring to lamp', 'Sensor')
            ->press('Fit a known-good sensor')->see('known-good sensor in')
            ->press('Close the job')->press('Do it')->see('A known-good part is still in the car.')
            ->press('Put its own sensor back')->doNotSee('known-good sensor in');
    }

    public function test_the_supply_of_the_module_is_measured_under_its_own_load(): void
    {
        $person = $this->person()->signIn('dilan')->pressIn("The driving school's Harl", 'Start the job')->see('Complaint')
            ->choose('Corner', 'Supply of the module')->see('battery to ground')->choose('Key', 'on')
            ->tab('Meter')->choose('Meter function', 'V DC')->pad('module plug, supply pin')->pad('module plug, ground pin')->press('Read the meter')->see('Write it on the card');
        self::assertMatchesRegularExpression('~12\.[3-6]\d V V DC~', $person->page()); // a rested battery less the module's own load

        $person->tab('Eyes')->press('Draw the fuse, look at it')->see('The fuse is whole');
    }

    public function test_the_meter_is_proved_held_to_a_range_and_made_relative(): void
    {
        $this->person()->signIn('bente')->pressIn("The pharmacy's Harl", 'Start the job')->see('Complaint')
            ->choose('Corner', 'Front left')->choose('Plug FL', 'open')->tab('Meter')->press('Prove it')->see('Leads shorted')
            ->pad('FL sensor plug, wheel side, wire 1')->pad('FL sensor plug, wheel side, wire 2')->press('Read the meter')->see('Write it on the card')
            ->press('Keep reading')->see('kept')->press('Count from here')->press('Read the meter')->see('difference')
            ->choose('Meter function', 'Beep')->press('Read the meter')->see('silent');
    }

    /** The engine turns both driven wheels: one picture of both speeds, and nobody reaches in meanwhile. */
    public function test_the_driven_axle_runs_under_power_and_hands_stay_away(): void
    {
        $this->secured("The cellist's Lendo")->choose('Corner', 'Front left')
            ->tab('Hands')->press('Let the engine turn it, idling')->see('A helper sits at the brake')->press('Do it')
            ->see('Not done')
            ->choose('Key', 'engine')->press('Let the engine turn it, idling')->press('Do it')->see('FL, FR turn under power. Nobody reaches in.')
            ->tab('Eyes')->press('Follow the cable by eye')->see('Stop the axle first.')
            ->tab('Hands')->press('Stop the axle')->see('Let the engine turn it, idling');
    }

    public function test_what_the_sensor_is_can_be_written_on_the_card(): void
    {
        $person = $this->person()->signIn('cem')->pressIn("The cellist's Lendo", 'Start the job')->see('Complaint')
            ->choose('Corner', 'Front right')->tab('Sheet');
        $person->browser->executeScript('document.querySelectorAll("details").forEach((one) => one.open = true)');
        $person->select('Kind of sensor', 'active, two wires, current')->select('Wire 1', 'supply')->select('Wire 2', 'return')
            ->press('Write it on the card')->see('FR active, two wires, current: supply, return');
    }

    private function secured(string $job): Person
    {
        return $this->person()->signIn('dilan')->pressIn($job, 'Start the job')->see('Complaint')
            ->pressIn('Car', 'Chock')->see('Car: chocked')->pressIn('Car', 'Raise')->see('raised, no stands')->pressIn('Car', 'Stands')->see('on stands');
    }
}
