<?php

declare(strict_types=1);

namespace Tests\Core\Evidence;

use Lernfall\Evidence\Preview\Preview;
use Lernfall\Evidence\Preview\Visibility;
use Lernfall\Fault\Fault;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\Sweep;
use Tests\Support\Workbench;

/** In its usual strength every kind shows on every car that can have it, or is told to be silent there. */
final class VisibilityTest extends TestCase
{
    /** @var array<string, list<Fault>> by car */
    private static array $silent = [];

    /**
     * By hand: levels of an active sensor know no twist (and no swinging ring, which feeler gauges find at four places of a turn), and a tooth that is chipped or half
     * covered is still one, while a passive sensor's pulses shrink with it, which a sweep over a whole turn shows; a module
     * of this or that car compares no wheels (tyre); a wire that lies on ground, or on a supply already, does not mind 900 Ω
     * to the battery. At the rear of the Lendo no blade goes in, so that neither a gap its sensor still bears nor a ring out of true is found there but by eye.
     *
     * @param  list<string>  $expected
     */
    #[TestWith(['harl-13', []])]
    #[TestWith(['lendo-15', ['tooth-chipped', 'ring-lifted', 'bearing-play', 'ring-dirty', 'loom-to-supply', 'loom-untwisted', 'gap-large', 'ring-bent']])]
    #[TestWith(['brack-22', ['tooth-chipped', 'ring-lifted', 'bearing-play', 'ring-dirty', 'tip-dusty', 'loom-to-supply', 'loom-untwisted']])]
    #[TestWith(['mirl-10', ['tyre-other-size', 'tyre-soft']])]
    #[TestWith(['ostrel-t2', ['loom-to-supply', 'tyre-other-size', 'tyre-soft']])]
    public function test_each_car_is_silent_about_these_and_no_others(string $car, array $expected): void
    {
        self::assertEqualsCanonicalizing($expected, array_values(array_unique(array_map(static fn (Fault $fault): string => $fault->kind->id, self::silentOn($car)))));
    }

    /** What shows is seen in the preview as well, unless it takes an instrument the preview leaves out. */
    public function test_a_silent_fault_differs_in_no_row_of_the_preview_but_those_of_eyes_and_hands(): void
    {
        foreach (Sweep::of(['harl-13', 'lendo-15', 'brack-22', 'mirl-10', 'ostrel-t2'], 2) as $car) {
            $vehicle = Workbench::vehicle($car);
            foreach (self::silentOn($car) as $fault) {
                $preview = Preview::of(Workbench::case([[$fault->kind->id, $fault->channel, $fault->conductor]], $vehicle), Workbench::simulator());
                $differing = [];
                foreach ($preview->rows as $test => $cells) {
                    foreach ($cells as $cell) {
                        $differing[] = $cell->differs && ! str_starts_with($test, 'look-') && $test !== 'rock-wheel' ? $test : '';
                    }
                }
                self::assertSame([], array_filter($differing), $fault->key());
                self::assertFalse($preview->lamps->differs, $fault->key());
            }
        }
    }

    /** @return list<Fault> */
    private static function silentOn(string $car): array
    {
        $vehicle = Workbench::vehicle($car);

        return self::$silent[$car] ??= (new Visibility(Workbench::simulator()))->silent($vehicle, Workbench::catalogue()->usualFaults($vehicle));
    }
}
