<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Format\CaseReader;
use Lernfall\Format\VehicleReader;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Sentences;
use Tests\Support\Workbench;

/** A car whose values a case sets is checked as any other, and an error says which entry of the case it was. */
final class PatchedVehicleTest extends TestCase
{
    #[TestWith(['/channels/FR/ring/teeth', 0, 'expected a number above 0 for teeth'])]
    #[TestWith(['/channels/FR/ring/teeth', -46, 'expected a number above 0 for teeth'])]
    #[TestWith(['/channels/FR/gapMillimetres', -0.3, 'expected a number not below 0 for gapMetres'])]
    #[TestWith(['/supply/batteryVolts', -12, 'expected a number above 0 for batteryVolts'])]
    #[TestWith(['/supply/internalOhms', 0, 'expected a number not below 0.001 for internalOhms'])]
    #[TestWith(['/module/feed/moduleOhms', 0, 'expected a number not below 0.001 for moduleOhms'])]
    #[TestWith(['/module/monitors/thresholdSpread', -0.1, 'expected a number not below 0 for thresholdSpread'])]
    #[TestWith(['/module/input/thresholdPeakVolts', 0, 'expected a number above 0 for thresholdPeakVolts'])]
    #[TestWith(['/channels/FR/sensor/gapDecayMillimetres', 0, 'expected a number above 0 for gapDecayMetres'])]
    #[TestWith(['/channels/FR/sensor/coilOhmsAt20Celsius', -1340, 'expected a number not below 1 for coilOhmsAt20Celsius'])]
    #[TestWith(['/channels/FR/links/0/contactOhms', 0, 'expected a number not below 0.001 for contactOhms'])]
    #[TestWith(['/channels/FR/links/1/lengthMetres', -2, 'expected a number above 0 for lengthMetres'])]
    #[TestWith(['/tyre/rollingFactor', 0, 'expected a number above 0 for rollingFactor'])]
    #[TestWith(['/tolerances/signal', -0.1, 'expected a number from 0 to 0.18 for signal'])]
    #[TestWith(['/tolerances/sensor', 3, 'expected a number from 0 to 0.18 for sensor'])]
    #[TestWith(['/channels/FR/links/1/lengthMetres', 0.001, 'expected a number not below '])]
    #[TestWith(['/module/input/pullUpOhms', 1e-9, 'expected a number not below 0.001 for pullUpOhms'])]
    #[TestWith(['/module/plugId', 'nowhere', 'expected one of module-plug'])]
    #[TestWith(['/channels/FR/links', [], 'expected the way from the sensor to the module'])]
    #[TestWith(['/dataSheet', [], 'expected values for the axle front'])]
    #[TestWith(['/channels', [], 'expected at least one channel'])]
    public function test_a_value_that_cannot_be_is_refused_at_its_entry(string $pointer, mixed $value, string $expected): void
    {
        $escaped = str_replace('/', '~1', $pointer);

        self::assertStringStartsWith("/carValues/$escaped: $expected", Sentences::ofRefused(fn () => $this->reader()->read($this->document([$pointer => $value]))));
    }

    public function test_a_whole_sensor_set_anew_is_looked_into(): void
    {
        $sensor = ['kind' => 'passive', 'coilOhmsAt20Celsius' => 0, 'signalVoltSeconds' => 0.02, 'gapDecayMillimetres' => 0.35];

        self::assertStringStartsWith('/carValues/~1channels~1FR~1sensor: expected a number not below 1 for coilOhmsAt20Celsius', Sentences::ofRefused(fn () => $this->reader()->read($this->document(['/channels/FR/sensor' => $sensor]))));
    }

    public function test_values_that_can_be_are_taken(): void
    {
        $vehicle = $this->reader()->read($this->document(['/channels/FR/ring/teeth' => 44, '/supply/batteryVolts' => 11.2]))->case->sound;

        self::assertSame([44, 11.2], [$vehicle->channel('FR')->wheelEnd->ring->teeth, $vehicle->power->supply->batteryVolts]);
    }

    /** An output shaft has no side and turns no single wheel. */
    public function test_a_channel_can_be_anywhere(): void
    {
        $document = (array) Workbench::json('core/Vehicle/BuiltIn/harl-13.json');
        $document['channels']['SH'] = [...$document['channels']['RR'], 'wheels' => [], 'axle' => 'shaft'];
        unset($document['channels']['RR'], $document['channels']['SH']['side']);
        $document['dataSheet']['shaft'] = $document['dataSheet']['rear'];
        $vehicle = VehicleReader::read($document);
        $played = Played::on(Workbench::case([['coil-open', 'SH']], $vehicle))->do(['do' => 'ignition', 'to' => 'running'], ['do' => 'record-drive', 'route' => 'left-bends', 'onCode' => false]);

        self::assertNotNull($played->shown()->series('SH.speed'));
        self::assertNull($vehicle->opposite('SH'));
        self::assertTrue($played->do(['do' => 'look', 'channel' => 'SH', 'at' => 'ring'])->shown()->word('sight') !== '');
    }

    private function reader(): CaseReader
    {
        return new CaseReader(['harl-13' => (array) Workbench::json('core/Vehicle/BuiltIn/harl-13.json')], Workbench::catalogue(), ['workshop' => (array) Workbench::json('core/Marking/policies/workshop.json')]);
    }

    /**
     * @param  array<string, mixed>  $values
     * @return array<string, mixed>
     */
    private function document(array $values): array
    {
        return [
            'format' => CaseReader::FORMAT, 'name' => 'Name', 'jobTitle' => 'Job', 'complaint' => 'Complaint', 'car' => 'harl-13',
            'faults' => [['kind' => 'coil-open', 'channel' => 'FL']], 'carValues' => $values,
        ];
    }
}
