<?php

declare(strict_types=1);

namespace Tests\Browser;

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
            ->select('A volts a division', "500\u{2009}mV")->select('Time a division', "20\u{2009}ms")->fill('Trigger at', '1')
            ->press('Sweep once')->see('A swing')->see('A mean');

        self::assertSame(1, preg_match('~A swing (\d\.\d\d) ?V~u', str_replace("\u{2009}", ' ', $person->page()), $found));
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
    }

    public function test_an_injection_moves_the_speed_in_live_data(): void
    {
        $this->secured("The bakery's Harl")->choose('Corner', 'Front left')->choose('Plug FL', 'open')->choose('Key', 'on')
            ->tab('Inject')->fill('Frequency', '200')->fill('Peak', '2')->press('Connect, front left')->see('On the loom, Front left')
            ->press('Read speeds')->see('27.')->press('Take it off')->see('No generator is connected.');
    }

    public function test_a_generator_on_a_joined_plug_is_refused(): void
    {
        $this->person()->signIn('dilan')->pressIn("The midwife's Harl", 'Start the job')->see('Complaint')
            ->tab('Inject')->press('Connect, front left')->see('Open the plug first.');
    }

    private function secured(string $job): Person
    {
        return $this->person()->signIn('dilan')->pressIn($job, 'Start the job')->see('Complaint')
            ->pressIn('Car', 'Chock')->see('chocked')->pressIn('Car', 'Raise')->see('raised, no stands')->pressIn('Car', 'Stands')->see('on stands');
    }
}
