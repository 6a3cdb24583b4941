<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Lernfall\Document\InvalidDocument;
use Lernfall\Format\VehicleReader;
use Lernfall\Vehicle\Motion\SlipControlDesign;
use Lernfall\Vehicle\Motion\TractionDesign;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** How a car is built and how its module controls slip, in vehicle files that say it and in those that do not. */
final class MotionReaderTest extends TestCase
{
    public function test_a_file_that_does_not_say_gets_a_usual_car_of_its_body(): void
    {
        $build = VehicleReader::read(array_diff_key($this->document(), ['chassis' => 0, 'slipControl' => 0]))->model->build;
        self::assertSame(1250.0, $build->chassis?->massKilograms);
        self::assertEquals(new SlipControlDesign, $build->slipControl);

        $van = VehicleReader::read(['body' => 'van'] + array_diff_key($this->document(), ['chassis' => 0]))->model->build;
        self::assertGreaterThan(1250.0, $van->chassis?->massKilograms);
        self::assertNull(Workbench::vehicle('ostrel-t2')->model->build->chassis, 'nobody brakes a trailer by itself');
    }

    public function test_what_a_file_says_counts_and_the_rest_is_usual(): void
    {
        $design = VehicleReader::read(['slipControl' => ['entersAboveKilometresPerHour' => 9, 'rearTogether' => false, 'rebuilding' => ['atOnceShare' => 0.5, 'stepEverySeconds' => 0.03, 'yawDelaySeconds' => 0]]] + $this->document())->model->build->slipControl;

        self::assertEqualsWithDelta(2.5, $design->entersAboveMetresPerSecond, 1e-9);
        self::assertFalse($design->rearTogether);
        self::assertSame([0.5, 0.03, 0.0], [$design->rebuilding->atOnceShare, $design->rebuilding->stepEverySeconds, $design->rebuilding->yawDelaySeconds]);
        self::assertEquals((new SlipControlDesign)->recovery, $design->recovery);
    }

    public function test_what_turns_the_wheels_and_what_keeps_them_from_spinning(): void
    {
        $build = VehicleReader::read(['drivetrain' => ['axleNewtonMetres' => 1000, 'engineKilogramSquareMetres' => 4, 'lagSeconds' => 0.1, 'fastestKilometresPerHour' => 36], 'tractionControl' => ['spinKilometresPerHour' => 3.6]] + $this->document())->model->build;
        self::assertSame([1000.0, 10.0, 1.0, null], [$build->drivetrain?->axleNewtonMetres, $build->drivetrain?->fastestMetresPerSecond, $build->tractionControl->spinMetresPerSecond, $build->tractionControl->byTorque]);
        self::assertSame([1.0, 0.0], [$build->drivetrain->limited(5.0), $build->drivetrain->limited(10.0)]);

        $usual = VehicleReader::read(array_diff_key($this->document(), ['drivetrain' => 0, 'tractionControl' => 0]))->model->build;
        self::assertEquals(new TractionDesign, $usual->tractionControl);
        self::assertGreaterThan(0.0, $usual->drivetrain?->axleNewtonMetres);
        self::assertNull(Workbench::vehicle('ostrel-t2')->model->build->drivetrain, 'nothing turns the wheels of a trailer');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'no mass' => [['chassis' => ['massKilograms' => 0]], 'chassis'];
        yield 'weight behind the rear axle' => [['chassis' => ['gravityBehindFrontAxleMetres' => 4]], 'chassis'];
        yield 'no torque' => [['drivetrain' => ['axleNewtonMetres' => 0]], 'drivetrain'];
        yield 'ends above where it begins' => [['slipControl' => ['entersAboveKilometresPerHour' => 2, 'leavesBelowKilometresPerHour' => 4]], 'slipControl'];
    }

    /** @param  array<string, array<string, mixed>>  $changed */
    #[DataProvider('wrong')]
    public function test_what_cannot_be_names_its_place(array $changed, string $place): void
    {
        $document = $this->document();
        $this->expectException(InvalidDocument::class);
        $this->expectExceptionMessageMatches("~$place~");
        VehicleReader::read(array_replace_recursive($document, $changed));
    }

    /** @return array<string, mixed> */
    private function document(): array
    {
        return json_decode((string) file_get_contents(dirname(__DIR__, 3).'/core/Vehicle/BuiltIn/harl-13.json'), true, 64, JSON_THROW_ON_ERROR);
    }
}
