<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Format\OlderVehicle;
use Lernfall\Format\VehicleReader;
use Lernfall\Sensor\PulseWidth\PulseWidthSensor;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\UnitOnTrial;
use Tests\Support\Workbench;

/** A case published before the format changed can still be opened. */
final class OlderVehicleTest extends TestCase
{
    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['brack-22'])]
    public function test_a_vehicle_of_format_one_reads_like_todays(string $car): void
    {
        $now = Workbench::vehicle($car);
        $then = VehicleReader::read($this->older($car));

        self::assertSame($now->channelIds(), $then->channelIds());
        self::assertSame($now->channel('FL')->wheelEnd->ring->teeth, $then->channel('FL')->wheelEnd->ring->teeth);
        self::assertEqualsWithDelta($now->power->supply->batteryVolts, $then->power->feed->moduleVolts($now->power->supply->batteryVolts), 0.01);
        self::assertFalse($then->channel('RR')->wheelEnd->ring->isEncoder);
    }

    public function test_its_pulses_have_one_length(): void
    {
        $sensor = VehicleReader::read($this->older('lendo-15'))->channel('RR')->sensor;
        self::assertInstanceOf(PulseWidthSensor::class, $sensor);

        self::assertEqualsWithDelta([120e-6, 120e-6], [$sensor->pulses->seconds(false, 0.5), $sensor->pulses->seconds(true, 0.9)], 1e-12);
    }

    /** Whatever had valves gets a hydraulic unit in which they do what they did; a trailer stays without. */
    public function test_a_vehicle_of_format_three_gets_a_usual_hydraulic_unit(): void
    {
        foreach (['harl-13', 'lendo-15', 'brack-22'] as $car) {
            $parts = VehicleReader::read($this->ofFormatThree($car))->brakeParts;
            self::assertNotNull($parts->unit);
            self::assertSame(Workbench::vehicle($car)->channelIds(), array_keys($parts->unit->hydraulics->wheels));
            self::assertSame('first', $parts->unit->hydraulics->wheels['RR']->circuit, 'across the car from front left');
            $sound = new UnitOnTrial($parts->unit->hydraulics, $parts->unit->wiring, $parts->unit->master);
            self::assertSame('sound sound small small held free FL+RR free runs kick firm equal', implode(' ', $sound->shows($sound)));
        }
        self::assertNull(VehicleReader::read($this->ofFormatThree('ostrel-t2'))->brakeParts->unit);
    }

    public function test_what_is_no_older_vehicle_is_left_alone(): void
    {
        self::assertSame('text', OlderVehicle::upgraded('text'));
        self::assertSame(['format' => 'other'], OlderVehicle::upgraded(['format' => 'other']));

        $this->expectException(InvalidDocument::class);
        VehicleReader::read(['format' => OlderVehicle::FORMAT]);
    }

    /** @return array<array-key, mixed> */
    private function ofFormatThree(string $car): array
    {
        $document = Workbench::json("core/Vehicle/BuiltIn/$car.json");
        unset($document['hydraulicUnit']);

        return ['format' => OlderVehicle::THIRD_FORMAT] + $document;
    }

    /** @return array<array-key, mixed> */
    private function older(string $car): array
    {
        $document = Workbench::json("core/Vehicle/BuiltIn/$car.json");
        self::assertIsArray($document);
        unset($document['gapShift'], $document['places'], $document['module']['feed']);
        foreach ($document['channels'] as $id => $channel) {
            unset($document['channels'][$id]['ring']['encoder'], $document['channels'][$id]['sensor']['pulses']);
            if ($channel['sensor']['kind'] === 'pulse-width') {
                $document['channels'][$id]['sensor']['pulseMicroseconds'] = 120;
            }
        }

        return [...$document, 'format' => OlderVehicle::FORMAT];
    }
}
