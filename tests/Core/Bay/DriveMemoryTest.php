<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Car\Ignition;
use Lernfall\Bay\ClosedGround\DriveMemory;
use Lernfall\Bay\ClosedGround\DriveOutcome;
use Lernfall\Bay\ClosedGround\Footing;
use Lernfall\Bay\ClosedGround\KnownDrives;
use Lernfall\Bay\ClosedGround\PullAway;
use Lernfall\Bay\ClosedGround\StopHere;
use Lernfall\Bay\Contract\Branch;
use Lernfall\Bay\Contract\CarAction;
use Lernfall\Bay\Contract\Prediction;
use Lernfall\Bay\Contract\Simulator;
use Lernfall\Bay\Key\TurnKey;
use PHPUnit\Framework\TestCase;
use Tests\Support\Workbench;

/** What was worked out of a drive is asked for by what it depends on, not by which car in memory it was. */
final class DriveMemoryTest extends TestCase
{
    public function test_an_equal_car_is_not_worked_out_again_and_another_one_is(): void
    {
        $known = new class implements KnownDrives
        {
            /** @var array<string, DriveOutcome> */
            public array $kept = [];

            /** @var array<string, float> */
            public array $usual = [];

            /** @var array<string, int> how often each was worked out */
            public array $worked = [];

            public int $found = 0;

            public function find(string $group, string $key): ?DriveOutcome
            {
                $this->found += isset($this->kept["$group $key"]) ? 1 : 0;

                return $this->kept["$group $key"] ?? null;
            }

            public function keep(string $group, string $key, DriveOutcome $outcome): void
            {
                $this->kept["$group $key"] = $outcome;
            }

            public function usual(string $key): ?float
            {
                return $this->usual[$key] ?? null;
            }

            public function keepUsual(string $key, float $figure): void
            {
                $this->worked[$key] = ($this->worked[$key] ?? 0) + 1;
                $this->usual[$key] = $figure;
            }
        };
        $plain = Workbench::simulator();
        $remembering = $plain->in($plain->workshop->exchanging(DriveMemory::behind($known)));
        foreach ([new StopHere(Footing::Dry, 40), new PullAway(Footing::IceLeft)] as $kinds => $drive) {
            foreach (['', 'outlet-stuck-shut', 'inlet-stuck-shut', 'valve-winding-high', 'tyre-other-size'] as $faults => $kind) {
                $expected = $this->predicted($plain, $kind, $drive);
                self::assertEquals($expected, $this->predicted($remembering, $kind, $drive));
                self::assertCount(5 * $kinds + $faults + 1, $known->kept, "$kind is like no other");
                $found = $known->found;
                self::assertEquals($expected, $this->predicted($remembering, $kind, $drive), 'of the same car built anew');
                self::assertSame($found + 1, $known->found);
                self::assertCount(5 * $kinds + $faults + 1, $known->kept);
            }
        }
        self::assertSame([1, 1], array_values($known->worked), 'what a sound car does is the same whatever is wrong');
    }

    public function test_the_true_car_is_never_taken_from_there(): void
    {
        $known = $this->createMock(KnownDrives::class);
        $known->expects(self::never())->method('find');
        $plain = Workbench::simulator();
        $car = Workbench::healthy()->car;
        $this->after($plain->in($plain->workshop->exchanging(DriveMemory::behind($known))), $car, new StopHere(Footing::Dry, 20));
    }

    private function predicted(Simulator $simulator, string $kind, CarAction $drive): Prediction
    {
        $sound = Workbench::vehicle();
        $vehicle = $kind === '' ? $sound : Workbench::catalogue()->fault($sound, $kind, 'FL')->applyTo($sound);

        // built anew, so that nothing in memory knows it
        return $this->after($simulator, unserialize(serialize(Car::hypothesis($vehicle, $sound))), $drive);
    }

    private function after(Simulator $simulator, Car $car, CarAction $drive): Prediction
    {
        $running = Branch::likeliest($simulator->predict($car, new TurnKey(Ignition::Running)))->car;

        return Branch::likeliest($simulator->predict($running, $drive))->prediction;
    }
}
