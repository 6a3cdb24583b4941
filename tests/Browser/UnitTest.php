<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;
use Tests\Browser\Support\Person;

/** The hydraulic unit: its strip, its valves on the lift, its windings by ohms, the unit renewed, bled and coded. */
final class UnitTest extends BrowserTestCase
{
    public function test_an_outlet_that_sticks_is_found_on_the_lift_told_from_an_open_winding_and_proven_away(): void
    {
        $person = $this->started('bente', "The farrier's Harl")->choose('Key', 'on')->tab('Scan')->select('Vehicle in its menu', 'Harl 1.3')->select('System in its menu', 'Wheel lock prevention')
            ->press('Read the codes')->see('No code stored.')->press('Note: none stored')->see('none stored')
            ->choose('Corner', 'Supply of the module')->press('Hydraulics')->see('Hydraulic unit, battery to ground')
            ->tab('Hands')->press('Chock')->see('Car: chocked')->press('Raise')->see('Car: raised')->press('Stands')->see('Car: on stands')
            ->tab('Brakes')->choose('Where', 'On the lift')->press('Work the valves')->see('wheel held')
            ->select('What you saw', 'The braked wheel stays held')->choose('Judgement', 'out')->press('Write down')->see('The braked wheel stays held out')
            ->choose('Order', 'valves first')->choose('Valves', 'hold')->press('Work the valves')->see('wheel lets go')
            ->press('Run the pump')->see('pump runs');
        // key off, and an ohmmeter between the supply of the valves and the outlet's own pin: the winding is sound
        $person->choose('Key', 'off')->pad('hydraulic unit, valve supply')->pad('winding of FL outlet, module end')->tab('Meter')->choose('Meter function', 'Ω')->press('Read the meter')->seeLike('~4\.[0-3]\s*Ω~u')
            ->fill('Value', '4.2')->select('Unit', 'Ω')->choose('Judgement', 'in')->press('Write down')->see('4.2 Ω in')
            ->press('Name the cause')->select('Corner', 'Front left')->select('Place', 'Hydraulics')->select('Defect', 'valve does not move')->tick('The braked wheel stays held out')->tick('4.2')->press('Write the cause down')->see('the hydraulics: valve does not move')
            ->tab('Hands')->press('Renew the hydraulic unit')->press('Do it')->see('470 € parts')->press('Bleed the brakes in the maker\'s order')->press('Do it')->see('484 € parts')->press('Code the hydraulic unit to the car')->press('Do it')
            ->choose('Key', 'on')->tab('Brakes')->choose('Order', 'pedal first')->choose('Valves', 'reduce')->press('Work the valves')->see('wheel lets go');
        $this->fitsEverywhere($person);
    }

    public function test_under_load_a_burnt_contact_keeps_its_volts_and_a_clamp_round_go_and_return_shows_none(): void
    {
        $person = $this->started('dilan', "The weaver's Harl")->choose('Corner', 'Supply of the module')->press('Hydraulics')->choose('Key', 'on')
            ->pad('valve fuse, load side')->pad('behind the valve relay')->tab('Meter')->choose('Meter function', 'V DC')->select('Meanwhile the terminal', 'FL reduces')->press('Read the meter')->seeLike('~5\.\d+\s*V~u')
            ->select('and', 'RR reduces')->press('Read the meter')->seeLike('~7\.\d+\s*V~u');
        $person->tab('Clamp')->select('Around the wire at', 'hydraulic unit, pump supply')->choose('Range', '40')->select('Meanwhile the terminal', 'runs the pump')->press('Close it and read')->seeLike('~20\.\d+\s*A~u')
            ->select('Second wire in the clamp', 'hydraulic unit, ground')->press('Close it and read')->seeLike('~0\.0\d\s*A~u');
    }

    public function test_the_roller_bench_asks_for_a_car_that_stands_free_and_compares_left_and_right(): void
    {
        $this->started('arlo', "The weaver's Harl")->tab('Brakes')->press('Try the pedal')->see('usual height')
            ->choose('Where', 'Rollers')->press('Brake on the rollers')->see('the engine is off')
            ->choose('Key', 'engine')->press('Brake on the rollers')->see('weaker by');
    }

    public function test_a_stop_on_closed_ground_tells_which_wheel_locks_and_a_doubtful_one_is_refused(): void
    {
        $person = $this->started('arlo', "The farrier's Harl")->tab('Brakes')->choose('Where', 'Closed ground')->press('Drive and brake')->see('the engine is off')
            ->choose('Key', 'engine')->choose('Brake from, km/h', '60')->choose('Foot', 'stamps')->press('Drive and brake')->see('marks on the ground')->see('pulls right')
            ->select('Which of them', 'mark of wheel FL')->select('What you saw', 'The wheel leaves a mark')->choose('Judgement', 'out')->press('Write down')->see('The wheel leaves a mark out')
            ->press('Drive, brake and record')->see('Stop on closed ground, recorded');
        $this->fitsEverywhere($person);
        $person->tab('Hands')->press('Chock')->see('Car: chocked')->tab('Brakes')->press('Drive and brake')->see('chocks');
    }

    public function test_a_switch_box_works_the_valves_where_no_terminal_does_and_a_hand_works_the_switches(): void
    {
        $person = $this->started('cem', "The chimney sweep's Mirl")->choose('Corner', 'Supply of the module')->choose('Key', 'on')->press('Switches')->see('Switches of the brakes')
            ->pad('stop lamp switch, wire to the module')->pad('body')->tab('Meter')->choose('Meter function', 'V DC')->press('Read the meter')->seeLike('~0\.\d+\s*m?V~u')
            ->select('Meanwhile', 'the pedal is down')->press('Read the meter')->seeLike('~1[12]\.\d+\s*V~u');
        $person->tab('Hands')->press('Chock')->see('Car: chocked')->press('Raise')->see('Car: raised')->press('Stands')->see('Car: on stands')
            ->tab('Brakes')->press('Pump it, then try')->see('usual height')->choose('Where', 'On the lift')->see('a switch box')
            ->press('Work the valves')->see('wheel lets go')->press('Let coils and pump rest')->see('0:2');
        $person->press('Hydraulics')->see('Hydraulic unit, battery to ground')->tab('Clamp')->select('Around the wire at', 'winding of RR valve, module end')->choose('Range', '40')
            ->select('Meanwhile the switch box', 'RR reduces')->press('Close it and read')->seeLike('~4\.\d+\s*A~u');
    }

    private function started(string $who, string $job): Person
    {
        return $this->person()->signIn($who)->pressIn($job, 'Start the job')->see('Complaint');
    }
}
