<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\OwnVehicle;
use App\Models\Role;

/** A car of an instructor's own is driven before it is used. */
final class VehicleTest extends FeatureTestCase
{
    private const CAR = ['base' => 'harl-13', 'name' => 'Workshop car 4'];

    public function test_one_that_sets_a_code_with_nothing_wrong_is_not_used_until_it_is_mended(): void
    {
        $built = $this->actingAs($this->instructor)->postJson('/api/vehicles', ['values' => ['/channels/FR/gapMillimetres' => 2.2]] + self::CAR)->assertCreated()
            ->assertJsonPath('alarms.0.channel', 'FR')->assertJsonPath('alarms.0.failure', 'no-signal')->json('id');
        $this->putJson("/api/vehicles/$built", ['values' => ['/channels/FR/gapMillimetres' => 0.8, '/supply/batteryVolts' => 12.3]] + self::CAR)->assertOk()->assertJsonPath('alarms', []);
        $this->getJson('/api/vehicles')->assertJsonCount(1)->assertJsonPath('0.values./supply/batteryVolts', 12.3);

        $fields = ['car' => 'harl-13', 'carValues' => ['/channels/FR/gapMillimetres' => 0.8, '/name' => 'Workshop car 4']] + array_diff_key($this->document(), ['format' => '']);
        $case = $this->postJson('/api/cases', $fields)->assertCreated()->json('id');
        $this->postJson("/api/cases/$case/versions", ['variation' => 'same'])->assertCreated();
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonPath('0.car', 'Workshop car 4');
        $this->actingAs($this->instructor)->deleteJson("/api/vehicles/$built")->assertNoContent();
        $this->actingAs($this->apprentice)->getJson('/api/jobs')->assertJsonPath('0.car', 'Workshop car 4');
    }

    public function test_what_is_no_car_is_refused_in_a_sentence(): void
    {
        $build = fn (array $given) => $this->actingAs($this->instructor)->postJson('/api/vehicles', $given + self::CAR);
        $build(['base' => 'none'])->assertJsonValidationErrors('base');
        $build(['name' => ''])->assertJsonValidationErrors('name');
        $build(['name' => 'Harl 1.3'])->assertJsonPath('errors.name.0', 'There is a car of that name.');
        $build(['values' => ['/channels/FR/gapMillimetres' => 'wide']])->assertStatus(422);
        $build(['values' => ['/channels/FR/gapMillimetres' => -1]])->assertStatus(422);
        $build(['values' => ['/nowhere' => 1]])->assertStatus(422);
        $build([])->assertCreated();
        $build([])->assertJsonPath('errors.name.0', 'There is a car of that name.');
    }

    public function test_nobody_else_changes_it(): void
    {
        $vehicle = OwnVehicle::query()->create(['instructor_id' => $this->instructor->id, 'car_values' => [], 'alarms' => []] + self::CAR);
        $colleague = $this->person($this->group(), 'colleague', Role::Instructor);
        foreach ([$colleague, $this->apprentice] as $other) {
            $this->actingAs($other)->deleteJson("/api/vehicles/$vehicle->id")->assertForbidden();
        }
        $this->actingAs($colleague)->getJson('/api/vehicles')->assertExactJson([]);
    }
}
