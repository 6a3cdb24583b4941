<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Job\FaultCase;
use Lernfall\Bay\LampCodes\CodesShown;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** Codes that are counted from a lamp count like any others: noted before they are cleared, gone after the repair. */
final class LampCodedTest extends TestCase
{
    public function test_a_counted_code_is_noted_cleared_by_pedal_and_proven_away(): void
    {
        $played = $this->counted(['do' => 'write-code', 'code' => '24', 'status' => ''])->secured()
            ->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'RR'])
            ->do(['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'running'])
            ->do(['do' => 'press-pedal', 'times' => 11, 'seconds' => 3.5], ['do' => 'road-test'], ['do' => 'watch-lamp'], ['do' => 'conclude']);
        $marks = $played->marks();

        self::assertSame('mark.codes.complete', $marks->mark('codes')?->verdict->reason);
        self::assertSame('mark.proof.complete', $marks->mark('proof')?->verdict->reason);
    }

    public function test_a_miscounted_code_is_a_wrong_entry(): void
    {
        self::assertSame('mark.codes.not-written', $this->counted(['do' => 'write-code', 'code' => '42', 'status' => ''])->marks()->mark('codes')?->verdict->reason);
    }

    public function test_too_few_presses_have_cleared_nothing(): void
    {
        $played = $this->counted(['do' => 'write-code', 'code' => '24', 'status' => ''])
            ->do(['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'RR'], ['do' => 'press-pedal', 'times' => 6, 'seconds' => 3.5]);

        self::assertSame('mark.proof.not-cleared', $played->marks()->mark('proof')?->verdict->reason);
    }

    /** A module without its fuse blinks nothing: its codes are read once it has been brought back. */
    public function test_what_a_module_without_supply_cannot_blink_is_noted_after_the_repair(): void
    {
        $blink = [['do' => 'ignition', 'to' => 'on'], ['do' => 'check-connector', 'open' => true], ['do' => 'watch-lamp']];
        $played = Played::on(Workbench::case([['fuse-blown', 'car']], Workbench::vehicle('mirl-10')))
            ->do(...$blink, ...[['do' => 'ignition', 'to' => 'off'], ['do' => 'repair', 'kind' => 'replace-fuse', 'channel' => 'car']], ...$blink);
        $codes = CodesShown::at($played->job->steps[count($played->job->steps) - 1]);

        self::assertSame([], $codes);
        self::assertSame('mark.codes.complete', $played->do(['do' => 'write-code', 'code' => 'none', 'status' => ''])->marks()->mark('codes')?->verdict->reason);
    }

    public function test_a_trailer_is_cleared_by_its_power_and_proven(): void
    {
        $cycle = ['do' => 'cycle-power', 'onSeconds' => 1.5, 'offSeconds' => 1.5];
        $clear = ['do' => 'cycle-power', 'onSeconds' => 5, 'offSeconds' => 1.5];
        $played = Played::on(Workbench::case([['coil-open', 'RR']], Workbench::vehicle('ostrel-t2')))->do($cycle, ['do' => 'write-code', 'code' => '6', 'status' => ''], $clear, $cycle);
        self::assertStringContainsString(' ', $played->shown()->word('lamp'), 'the coil is still open, so the code is back at once');

        $played->do(['do' => 'ignition', 'to' => 'off'])->secured()->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'RR'])
            ->do(['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], $clear, ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'], $cycle);
        $marks = $played->marks();
        self::assertSame('mark.codes.complete', $marks->mark('codes')?->verdict->reason);
        self::assertSame('mark.proof.complete', $marks->mark('proof')?->verdict->reason);
    }

    public function test_what_blinks_again_was_not_repaired(): void
    {
        $played = $this->counted(['do' => 'write-code', 'code' => '24', 'status' => ''])
            ->do(['do' => 'repair', 'kind' => 'clean-plug', 'channel' => 'RR'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'press-pedal', 'times' => 10, 'seconds' => 4.0])
            ->do(['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'], ['do' => 'watch-lamp']);

        self::assertSame('mark.proof.ignored', $played->marks()->mark('proof')?->verdict->reason);
    }

    /** @param  array<string, mixed>  $write */
    private function counted(array $write): Played
    {
        return Played::on($this->case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'check-connector', 'open' => true], ['do' => 'watch-lamp'], $write);
    }

    private function case(): FaultCase
    {
        return Workbench::case([['coil-open', 'RR']], Workbench::vehicle('mirl-10'));
    }
}
