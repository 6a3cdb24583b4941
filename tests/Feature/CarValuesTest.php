<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Documents\CompiledJson;

/** The numbers of a car that a case may replace. */
final class CarValuesTest extends FeatureTestCase
{
    public function test_every_number_stands_in_the_car_file_with_its_unit_and_limits(): void
    {
        foreach (['harl-13', 'lendo-15', 'ostrel-t2', 'mirl-10', 'brack-22'] as $car) {
            $values = $this->actingAs($this->instructor)->getJson("/api/cars/$car/values")->assertOk()->json();
            $file = CompiledJson::read(base_path("core/Vehicle/BuiltIn/$car.json"));
            self::assertGreaterThan(30, count($values));
            foreach ($values as $one) {
                $found = array_reduce($one['path'], static fn (mixed $part, string $key): mixed => $part[$key], $file);
                self::assertEquals($found, $one['value'], $one['pointer']);
                self::assertGreaterThanOrEqual($one['least'] ?? -INF, $one['value'], $one['pointer']);
                self::assertGreaterThan($one['above'] ?? -INF, $one['value'], $one['pointer']);
                self::assertSame('/'.implode('/', $one['path']), $one['pointer']);
            }
        }
        $harl = collect($this->getJson('/api/cars/harl-13/values')->json())->keyBy('pointer');
        self::assertSame(['mm', 0, null], [$harl['/channels/FR/gapMillimetres']['unit'], $harl['/channels/FR/gapMillimetres']['above'], $harl['/channels/FR/gapMillimetres']['most']]);
        self::assertSame('Ω at 20 °C', $harl['/channels/FR/sensor/coilOhmsAt20Celsius']['unit']);
        self::assertSame('V', $harl['/supply/batteryVolts']['unit']);
        $this->getJson('/api/cars/none/values')->assertNotFound();
    }

    public function test_a_replaced_value_changes_what_the_apprentice_meets_and_a_wrong_one_is_told(): void
    {
        $fields = ['faults' => []] + array_diff_key($this->document(), ['format' => '']);
        $plain = $this->actingAs($this->instructor)->postJson('/api/case-preview', $fields)->assertOk()->json();
        $other = $this->postJson('/api/case-preview', ['carValues' => ['/channels/FR/sensor/coilOhmsAt20Celsius' => 1900]] + $fields)->assertOk()->json();
        self::assertNotEquals($plain, $other);
        $this->postJson('/api/cases', ['carValues' => ['/channels/FR/gapMillimetres' => -1]] + $fields)->assertStatus(422)->assertJsonPath('errors', fn (array $errors): bool => str_starts_with(array_key_first($errors) ?? '', 'carValues'));
    }

    public function test_a_car_that_is_sent_along_is_refused_and_not_dropped(): void
    {
        $fields = array_diff_key($this->document(), ['format' => '']);
        $this->actingAs($this->instructor)->postJson('/api/cases', ['vehicle' => CompiledJson::read(base_path('core/Vehicle/BuiltIn/harl-13.json'))] + $fields)
            ->assertStatus(422)->assertJsonPath('errors.vehicle.0', 'A car is named, not sent along: choose one and change its values (carValues).');
    }
}
