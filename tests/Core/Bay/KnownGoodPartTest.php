<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Evidence\Advice\Remedies;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** A part from the shelf shows what the car does with a good one, and is no repair. */
final class KnownGoodPartTest extends TestCase
{
    private const OHMS = ['do' => 'measure', 'function' => 'ohms', 'first' => 'FR.sensor-plug.wheel.1', 'second' => 'FR.sensor-plug.wheel.2'];

    public function test_with_a_trial_sensor_the_coil_reads_well_and_the_cars_own_is_as_it_was(): void
    {
        $played = Played::on(Workbench::case([['coil-shorted', 'FR', '', 0.3]]))->secured();
        $own = $this->ohms($played);
        $trial = $this->ohms($played->do($this->fit(true)));
        $again = $this->ohms($played->do($this->fit(false)));

        self::assertLessThan(0.8 * $trial, $own);
        self::assertEqualsWithDelta($own, $again, 0.004 * $own, 'the same part again: it deviates as it did, and only the meter scatters');
    }

    public function test_a_trial_sensor_joins_its_plug_and_takes_its_time(): void
    {
        $played = Played::on(Workbench::case())->secured()->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], $this->fit(true));

        self::assertFalse($played->job->car->state->isOpen('FR.sensor-plug'));
        self::assertSame(30.0, $played->job->lastStep()?->cost->minutes);
        self::assertSame(0.0, $played->job->lastStep()->cost->money, 'it goes back to the shelf');
    }

    public function test_it_is_refused_on_an_unsecured_car_and_where_it_is_in_or_out_already(): void
    {
        self::assertSame('unsecured', Played::on(Workbench::case())->do($this->fit(true))->shown()->refusal?->value);
        $played = Played::on(Workbench::case())->secured()->do($this->fit(false));
        self::assertSame('trial-part-out', $played->shown()->refusal?->value);
        self::assertSame('trial-part-in', $played->do($this->fit(true), $this->fit(true))->shown()->refusal?->value);
        self::assertSame('trial-part-in', $played->do(['do' => 'swap-sensors', 'channel' => 'FL'])->shown()->refusal?->value);
    }

    public function test_a_relay_from_the_shelf_tells_a_dead_relay_from_a_dead_pump(): void
    {
        $test = [['do' => 'ignition', 'to' => 'on'], ['do' => 'test-actuator', 'part' => 'pump']];
        $try = ['do' => 'fit-trial-part', 'part' => 'pump-relay', 'channel' => 'car', 'fitted' => true];

        self::assertSame('pump-silent', Played::on(Workbench::case([['pump-dead', 'car']]))->do($try, ...$test)->shown()->word('pump'));
        self::assertSame('pump-runs', Played::on(Workbench::case([['pump-relay-dead', 'car']]))->do($try, ...$test)->shown()->word('pump'));
    }

    public function test_what_the_car_needs_does_not_change_while_a_part_is_tried(): void
    {
        $remedies = new Remedies(Workbench::simulator());
        $car = Played::on(Workbench::case())->secured()->do($this->fit(true))->job->car;

        self::assertEquals($car->sound, $car->vehicle);
        self::assertSame('replace-sensor@FR', $remedies->name($car));
        self::assertSame('none', $remedies->name(Played::on(Workbench::case([['old-code', 'FL']]))->secured()->do($this->fit(true))->job->car));
    }

    public function test_the_job_is_not_closed_with_a_part_of_the_shelf_in_the_car(): void
    {
        $played = Played::on(Workbench::case())->secured()->do($this->fit(true));
        try {
            (clone $played)->do(['do' => 'conclude']);
            self::fail('closed with a trial part in');
        } catch (UnfitAction $unfit) {
            self::assertSame('unfit.trial-part-still-in', $unfit->messageKey);
        }
        $played->do(['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'], ['do' => 'conclude']);

        self::assertTrue($played->job->isConcluded());
        self::assertEquals($played->job->car->sound, $played->job->car->vehicle);
    }

    public function test_trying_a_part_is_evidence_and_no_repair(): void
    {
        $proof = [['do' => 'secure', 'step' => 'lower'], ['do' => 'secure', 'step' => 'unchock'], ['do' => 'ignition', 'to' => 'on'], ['do' => 'clear-codes'], ['do' => 'ignition', 'to' => 'off'], ['do' => 'ignition', 'to' => 'running'], ['do' => 'road-test'], ['do' => 'read-codes']];
        $played = Played::on(Workbench::case())->do(['do' => 'ignition', 'to' => 'on'], ['do' => 'read-codes'], ['do' => 'write-code', 'code' => 'C0040-13', 'status' => 'present'], ['do' => 'ignition', 'to' => 'off'])
            ->secured()->do($this->fit(true), ...$proof)->do(['do' => 'write-code', 'code' => 'none', 'status' => '', 'change' => 'gone'], ['do' => 'ignition', 'to' => 'off'])
            ->secured()->do(['do' => 'name-cause', 'channel' => 'FR', 'station' => 'sensor', 'defect' => 'open', 'supports' => [3], 'expects' => 'code-stays-away'], ['do' => 'repair', 'kind' => 'replace-sensor', 'channel' => 'FR'], ...$proof)
            ->do(['do' => 'conclude']);
        $sheet = $played->marks(Workbench::policy());

        self::assertCount(1, $sheet->reviews);
        self::assertSame('justified', $sheet->reviews[0]->verdict());
        self::assertGreaterThan(0.75, $sheet->reviews[0]->prospects->byCard);
        self::assertSame('plug-corroded@FR', array_key_first($sheet->reviews[0]->prospects->rivals), 'its plug was joined anew, and may have been all that was wrong');
        self::assertSame(20.0, $sheet->mark('repair')?->points);
        self::assertArrayNotHasKey('two-at-once', $sheet->mistakes);
    }

    private function ohms(Played $played): float
    {
        return $played->do(['do' => 'unplug', 'plug' => 'FR.sensor-plug'], self::OHMS)->shown()->number('reading')->si ?? NAN;
    }

    /** @return array<string, mixed> */
    private function fit(bool $fitted): array
    {
        return ['do' => 'fit-trial-part', 'part' => 'sensor', 'channel' => 'FR', 'fitted' => $fitted];
    }
}
