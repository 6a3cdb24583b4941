<?php

declare(strict_types=1);

namespace Tests\Core\Marking;

use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Job\FaultCase;
use Lernfall\Evidence\Belief\CaseKnowledge;
use Lernfall\Marking\MarkSheet;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** A job that ends with the car handed over, its cause named; examples/hand-over as it stands, and with one thing changed. */
final class HandedOverTest extends TestCase
{
    public function test_a_named_and_proven_cause_of_what_is_not_made_here_earns_everything(): void
    {
        $sheet = $this->marks($this->script());

        self::assertSame(100.0, $sheet->points());
        self::assertSame('mark.repair.handed-over', $sheet->mark('repair')?->verdict->reason);
        self::assertSame('mark.proof.handed-over', $sheet->mark('proof')?->verdict->reason);
    }

    public function test_what_is_made_here_is_not_handed_over(): void
    {
        $sheet = $this->marks($this->script(), madeElsewhere: []);

        self::assertSame(10.0, $sheet->mark('repair')?->points);
        self::assertSame('mark.repair.handed-over-own', $sheet->mark('repair')->verdict->reason);
    }

    public function test_a_wrong_cause_helps_nobody(): void
    {
        $script = $this->script();
        $script[14] = ['defect' => 'pump-relay', 'channel' => 'car'] + $script[14];
        $sheet = $this->marks($script);

        self::assertSame(0.0, $sheet->mark('repair')?->points);
        self::assertSame('mark.repair.handed-over-unnamed', $sheet->mark('repair')->verdict->reason);
        self::assertSame(0.0, $sheet->mark('reasoning')?->points);
    }

    public function test_a_cause_without_readings_is_not_proven(): void
    {
        $script = $this->script();
        $script[14] = ['supports' => []] + $script[14];

        self::assertSame('mark.proof.handed-over-unproven', $this->marks($script)->mark('proof')?->verdict->reason);
    }

    public function test_the_repair_itself_is_refused_with_what_to_do(): void
    {
        $this->expectExceptionObject(UnfitAction::notDoneHere());

        Played::on($this->valveStuck(['replace-hydraulic-unit']), 'a')->do(['do' => 'repair', 'kind' => 'replace-hydraulic-unit', 'channel' => 'car']);
    }

    /** A red lamp forbids it by itself; where the pedal is in doubt, what the customer says does. */
    public function test_a_car_with_doubtful_brakes_is_not_driven(): void
    {
        $script = $this->script();
        $script[18] = ['journey' => 'driven'] + $script[18];

        self::assertSame(15.0, $this->marks($script)->mark('safety')?->points);
        $doubted = $this->marks($script, symptoms: ['pedal-low-or-soft'])->mark('safety');
        self::assertSame(7.5, $doubted?->points);
        self::assertSame('mark.safety.once.driven-on-doubtful-pedal', $doubted->verdict->reason);
        self::assertSame(15.0, $this->marks($this->script(), symptoms: ['pedal-low-or-soft'])->mark('safety')?->points, 'carried');
    }

    /** @return list<array<string, mixed>> */
    private function script(): array
    {
        return Workbench::json('examples/hand-over.script.json')['actions'];
    }

    /**
     * @param  list<array<string, mixed>>  $script
     * @param  list<string>  $madeElsewhere
     * @param  list<string>  $symptoms
     */
    private function marks(array $script, array $madeElsewhere = ['replace-hydraulic-unit'], array $symptoms = ['pulls-left']): MarkSheet
    {
        return Played::on($this->valveStuck($madeElsewhere), 'a')->do(...$script)
            ->marks(Workbench::policy(), new CaseKnowledge(lampTold: false, symptoms: array_map(static fn (string $one) => Workbench::catalogue()->symptoms[$one], $symptoms)));
    }

    /** @param  list<string>  $madeElsewhere */
    private function valveStuck(array $madeElsewhere): FaultCase
    {
        $case = Workbench::case([['valve-stuck', 'FL']], Workbench::vehicle('lendo-15'));

        return new FaultCase($case->name, $case->jobTitle, $case->complaint, $case->sound, $case->faults, madeElsewhere: $madeElsewhere);
    }
}
