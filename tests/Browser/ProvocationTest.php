<?php

declare(strict_types=1);

namespace Tests\Browser;

use Tests\Browser\Support\BrowserTestCase;

/** Something is held while another instrument is watched, and the order line says that it is. */
final class ProvocationTest extends BrowserTestCase
{
    public function test_a_lock_is_held_read_and_let_go(): void
    {
        $person = $this->person()->signIn('cem')->open('/bay/3')->see('Complaint');
        $person->tab('Hands')->press('Hold')->see('Let go');
        $person->open('/bay/3')->see('Complaint')->tab('Hands')->see('Let go'); // it is still held after a reload
        $person->press('Let go')->see('Hold');
    }
}
