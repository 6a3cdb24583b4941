<?php

declare(strict_types=1);

namespace Tests\Core\Road;

use Lernfall\Road\StopTask;
use Lernfall\Road\Surface;
use Lernfall\Road\Track;
use Lernfall\Road\Yaw;
use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Tests\Support\ClosedGround;

/** How a car turns in a stop. */
final class YawTest extends TestCase
{
    #[TestWith(['harl-13'])]
    #[TestWith(['lendo-15'])]
    #[TestWith(['mirl-10'])]
    #[TestWith(['brack-22'])]
    public function test_on_one_surface_a_car_stays_straight_with_control_and_without(string $id): void
    {
        foreach ([Surface::Dry, Surface::Wet, Surface::Snow, Surface::Gravel] as $surface) {
            foreach ([true, false] as $controls) {
                $yaw = $this->yaw($id, Track::of($surface), $controls);
                self::assertFalse($yaw->goesRound(), "$surface->value");
                self::assertLessThan(0.05, abs($yaw->greatestRadians), "$surface->value");
            }
        }
    }

    /** With ice under the left wheels the right ones brake more: the car pulls to the right. Locked it swings round, controlled it can be held. */
    public function test_a_split_surface_pulls_and_swings_a_car_with_locked_wheels_round(): void
    {
        foreach (['harl-13', 'lendo-15', 'mirl-10', 'brack-22'] as $id) {
            $controlled = $this->yaw($id, Track::split(Surface::Ice, Surface::Dry), true);
            self::assertLessThan(-0.25, $controlled->momentPerKilogram, $id);
            self::assertLessThan(0.2, abs($controlled->greatestRadians), $id);
            self::assertTrue($this->yaw($id, Track::split(Surface::Ice, Surface::Dry), false)->goesRound(), $id);
            self::assertGreaterThan(0.25, $this->yaw($id, Track::split(Surface::Dry, Surface::Ice), true)->momentPerKilogram, $id);
        }
    }

    private function yaw(string $id, Track $track, bool $controls): Yaw
    {
        $ground = new ClosedGround($id);

        return Yaw::of($ground->stop(new StopTask(60.0 / 3.6, $track, 450.0), $controls), $ground->chassis(), $track);
    }
}
