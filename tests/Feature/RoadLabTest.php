<?php

declare(strict_types=1);

namespace Tests\Feature;

use PHPUnit\Framework\Attributes\DataProvider;

final class RoadLabTest extends FeatureTestCase
{
    private const SETTING = [
        'car' => 'harl-13', 'footing' => 'dry', 'pullsAway' => false, 'kilometresPerHour' => 50, 'footNewtons' => 450, 'loadKilograms' => 0, 'controls' => true, 'rear' => 'as-built', 'defect' => '', 'wheel' => '',
    ];

    public function test_every_defect_offered_can_be_driven_at_the_places_it_is_offered_for(): void
    {
        $options = $this->actingAs($this->apprentice)->getJson('/api/road-lab')->assertOk()->json();
        self::assertSame(['brack-22', 'harl-13', 'lendo-15', 'mirl-10'], array_column($options['cars'], 'id'), 'nobody brakes a trailer by itself');
        foreach ($options['cars'] as $car) {
            foreach ($car['defects'] as $defect) {
                $place = $defect['places'][0];
                $sent = $this->postJson('/api/road-lab', [...self::SETTING, 'car' => $car['id'], 'kilometresPerHour' => 10, 'defect' => $defect['id'], 'wheel' => $place === 'car' ? '' : $place]);
                self::assertSame(200, $sent->status(), "{$car['id']} {$defect['id']} {$sent->content()}");
            }
        }
    }

    /** On gravel a locked wheel stops better, everywhere else a controlled one; and the moments of a drive belong together. */
    public function test_locked_against_controlled(): void
    {
        foreach (['dry' => false, 'wet' => false, 'snow' => false, 'gravel' => true] as $footing => $lockedIsShorter) {
            $controlled = $this->driven(['footing' => $footing]);
            $locked = $this->driven(['footing' => $footing, 'controls' => false]);
            self::assertSame($lockedIsShorter, max($locked['metres']) < max($controlled['metres']), $footing);
            self::assertSame([true, false], [$controlled['controlled'], $locked['controlled']]);
            foreach ($controlled['wheels'] as $wheel) {
                self::assertCount(count($controlled['speed']), $wheel['slip']);
                self::assertLessThanOrEqual(400, count($wheel['slip']));
            }
        }
    }

    public function test_an_unsound_car_tells_on_itself_and_a_code_switches_the_control_off(): void
    {
        $locks = $this->driven(['defect' => 'outlet-stuck-shut', 'wheel' => 'FL']);
        self::assertSame(['wheel-leaves-mark', true], [$locks['told']['mark.FL'], $locks['controlled']]);
        self::assertFalse($this->driven(['defect' => 'valve-fuse-blown'])['controlled']);
        self::assertSame('swings-round', $this->driven(['footing' => 'ice-left', 'controls' => false])['told']['course']);
        self::assertTrue($this->driven(['footing' => 'ice-left', 'controls' => false])['goesRound']);
    }

    public function test_a_braked_wheel_pulls_the_car_away(): void
    {
        $start = ['car' => 'lendo-15', 'footing' => 'ice-left', 'pullsAway' => true];
        $on = $this->driven($start);
        self::assertGreaterThan(3.0 * max($this->driven([...$start, 'controls' => false])['speed']), max($on['speed']));
        self::assertSame('usual-away', $on['told']['away']);
        self::assertCount(count($on['speed']), $on['engine']);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function mistakes(): array
    {
        return [
            'no such car' => [['car' => 'ostrel-t2'], 'car'],
            'no such ground' => [['footing' => 'moon'], 'footing'],
            'too fast' => [['kilometresPerHour' => 200], 'kilometresPerHour'],
            'a word for a number' => [['footNewtons' => 'hard'], 'footNewtons'],
            'a defect that is not offered' => [['defect' => 'old-code', 'wheel' => 'FL'], 'defect'],
            'a defect at no wheel of this car' => [['defect' => 'outlet-stuck-shut', 'wheel' => 'XX'], 'defect'],
        ];
    }

    /** @param  array<string, mixed>  $wrong */
    #[DataProvider('mistakes')]
    public function test_a_mistake_is_explained_beside_its_field(array $wrong, string $field): void
    {
        $this->actingAs($this->apprentice)->postJson('/api/road-lab', [...self::SETTING, ...$wrong])->assertStatus(422)->assertJsonValidationErrors($field);
    }

    /**
     * @param  array<string, mixed>  $setting
     * @return array<string, mixed>
     */
    private function driven(array $setting): array
    {
        return $this->actingAs($this->apprentice)->postJson('/api/road-lab', [...self::SETTING, ...$setting])->assertOk()->json();
    }
}
