<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;

final class CalculationTest extends FeatureTestCase
{
    /** ISO 4000-1 size designation, IEC 60028 copper; slip and speed by hand. */
    public function test_the_calculators_give_handbook_figures(): void
    {
        $this->actingAs($this->apprentice);
        $this->assertResult(631.9, 'diameterMillimetres', ['what' => 'tyre', 'size' => '205/55 R16', 'rollingFactor' => 0.97]);
        $this->assertResult(1467.0, 'ohms', ['what' => 'copper', 'ohmsAt20Celsius' => 1187, 'celsius' => 80]);
        $this->assertResult(20.0, 'percent', ['what' => 'slip', 'vehicleKilometresPerHour' => 50, 'wheelKilometresPerHour' => 40]);
        // 631.9 mm · π · 0.97 = 1.9256 m a turn; 480 Hz over 48 teeth are ten turns a second
        $this->assertResult(69.3, 'kilometresPerHour', ['what' => 'speed', 'size' => '205/55 R16', 'rollingFactor' => 0.97, 'teeth' => 48, 'hertz' => 480]);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function mistakes(): array
    {
        return [
            'no such calculator' => [['what' => 'fortune'], 'what'],
            'a tyre nobody makes' => [['what' => 'tyre', 'size' => 'wide', 'rollingFactor' => 0.97], 'size'],
            'a word for a number' => [['what' => 'copper', 'ohmsAt20Celsius' => 'many', 'celsius' => 20], 'ohmsAt20Celsius'],
            'no teeth' => [['what' => 'speed', 'size' => '205/55 R16', 'rollingFactor' => 0.97, 'teeth' => 0, 'hertz' => 10], 'teeth'],
            'nothing moves' => [['what' => 'slip', 'vehicleKilometresPerHour' => 0, 'wheelKilometresPerHour' => 0], 'vehicleKilometresPerHour'],
        ];
    }

    /** @param  array<string, mixed>  $sent */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_explained_beside_its_field(array $sent, string $field): void
    {
        $this->actingAs($this->apprentice)->postJson('/api/calculations', $sent)->assertStatus(422)->assertJsonValidationErrors($field);
    }

    /** @param  array<string, mixed>  $sent */
    private function assertResult(float $expected, string $name, array $sent): void
    {
        self::assertEqualsWithDelta($expected, $this->postJson('/api/calculations', $sent)->assertOk()->json($name), 0.06 * max(1.0, $expected / 100.0));
    }
}
