<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;

final class LabTest extends FeatureTestCase
{
    private const SETTING = [
        'technology' => 'passive', 'teeth' => 46, 'turnsPerSecond' => 0.5, 'gapMillimetres' => 0.62, 'celsius' => 20, 'inputOhms' => 43000, 'defect' => '', 'wholeTurn' => false,
    ];

    public function test_every_sensor_and_every_defect_offered_can_be_shown(): void
    {
        $options = $this->actingAs($this->apprentice)->getJson('/api/lab')->assertOk()->json();
        self::assertSame(['passive', 'current', 'pulse-width', 'sinking', 'sourcing'], array_column($options['stands'], 'technology'));

        foreach ($options['stands'] as $stand) {
            $setting = [...self::SETTING, ...$stand];
            $this->postJson('/api/lab', $setting)->assertOk()->assertJsonPath('numbers.hertz.unit', 'hertz');
            foreach ($options['defects'] as $defect) {
                $sent = $this->postJson('/api/lab', [...$setting, 'defect' => $defect['id'], 'strength' => $defect['usual'][0]]);
                $sent->assertStatus(in_array($stand['technology'], $defect['technologies'], true) ? 200 : 422);
            }
        }
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function mistakes(): array
    {
        return [
            'no such sensor' => [['technology' => 'laser'], 'technology'],
            'too few teeth' => [['teeth' => 2], 'teeth'],
            'a gap that is none' => [['gapMillimetres' => 0], 'gapMillimetres'],
            'a defect of another world' => [['defect' => 'haunted'], 'defect'],
            'stronger than can be' => [['defect' => 'tooth-missing', 'strength' => 40], 'strength'],
            'a word for a number' => [['celsius' => 'warm'], 'celsius'],
        ];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_explained_beside_its_field(array $wrong, string $field): void
    {
        $this->actingAs($this->apprentice)->postJson('/api/lab', [...self::SETTING, ...$wrong])->assertStatus(422)->assertJsonValidationErrors($field);
    }
}
