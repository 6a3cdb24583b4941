<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use Lernfall\Bay\Car\Car;
use Lernfall\Bay\Contract\CategoryFeature;
use Lernfall\Bay\Contract\UnfitAction;
use Lernfall\Bay\Inspection\LookAt;
use Lernfall\Bay\Inspection\Manner;
use Lernfall\Bay\Inspection\Sight;
use Lernfall\Vehicle\Vehicle;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** How surely what is there is named by who looks closely, in passing in the light there is, and from behind. */
final class MannersTest extends TestCase
{
    private const CARS = 120;

    /** @return iterable<string, array{string, string, Sight, string}> fault, its place, where it is looked for, what is to be named */
    public static function seen(): iterable
    {
        yield 'a chafed cable' => ['loom-wires-together', 'FL', Sight::Cable, 'chafed'];
        yield 'a wet hose' => ['brake-line-leaking', 'FL', Sight::BrakeLine, 'line-wet'];
        yield 'oil on the linings' => ['lining-oily', 'FL', Sight::Linings, 'linings-oily'];
        yield 'a wide gap' => ['gap-large', 'FL', Sight::Gap, 'gap-wide'];
        yield 'a rusty ground' => ['ground-rusty', Vehicle::WHOLE, Sight::Ground, 'ground-rusty'];
        yield 'a switch out of reach' => ['stop-lamp-switch-stuck', Vehicle::WHOLE, Sight::PedalSwitch, 'switch-stands-off'];
    }

    /** What the advice takes for likely before any look, and after one: chances of naming it rightly. */
    #[DataProvider('seen')]
    public function test_a_look_in_passing_finds_half_and_another_one_like_it_nothing_more(string $kind, string $place, Sight $at, string $word): void
    {
        [$closely, $inPassing] = [new LookAt($place, $at), new LookAt($place, $at, manner: Manner::InPassing)];
        $once = self::named($kind, $place, $word, $closely);

        self::assertGreaterThan(0.5, $once);
        self::assertEqualsWithDelta(0.5 * $once, self::named($kind, $place, $word, $inPassing), 1e-9, 'in the light there is, from one angle');
        self::assertEqualsWithDelta($once, self::named($kind, $place, $word, $closely, $closely), 1e-9, 'looked again');
        self::assertEqualsWithDelta(0.5 * $once, self::named($kind, $place, $word, $inPassing, $inPassing), 1e-9, 'passed again');
        self::assertEqualsWithDelta($once, self::named($kind, $place, $word, $inPassing, $closely), 1e-9, 'passed, then looked closely');
        self::assertEqualsWithDelta(0.5 * $once, self::named($kind, $place, $word, $closely, $inPassing), 1e-9, 'of what is seen closely half is seen in passing');
    }

    /** From behind may show what was overlooked from in front. */
    public function test_a_new_angle_may_add_something(): void
    {
        $behind = new LookAt('FL', Sight::Cable, manner: Manner::FromBehind);
        $once = self::named('loom-wires-together', 'FL', 'chafed', new LookAt('FL', Sight::Cable));

        self::assertEqualsWithDelta(0.6 * $once, self::named('loom-wires-together', 'FL', 'chafed', $behind), 1e-9);
        self::assertEqualsWithDelta($once + (1.0 - $once) * 0.6 * $once, self::namedByAny('loom-wires-together', 'FL', 'chafed', new LookAt('FL', Sight::Cable), $behind), 1e-9);
        self::assertEqualsWithDelta(0.6 * $once, self::namedByAny('loom-wires-together', 'FL', 'chafed', $behind, $behind), 1e-9, 'the same angle again shows the same');
    }

    /** Of true cars, each of which is as it is. */
    public function test_who_sees_it_in_passing_sees_it_closely_too(): void
    {
        [$seen, $closely, $behindOnly] = [0, 0, 0];
        foreach (range(1, self::CARS) as $car) {
            $bench = Workbench::withFault('loom-wires-together', 'FL', seed: "car $car");
            $sees = static fn (Manner $manner): bool => $bench->do(new LookAt('FL', Sight::Cable, manner: $manner))->word('sight') === 'chafed';
            [$passing, $close, $behind] = [$sees(Manner::InPassing), $sees(Manner::Closely), $sees(Manner::FromBehind)];
            self::assertTrue($close || ! $passing, "car $car");
            $seen += (int) $passing;
            $closely += (int) $close;
            $behindOnly += (int) ($behind && ! $close);
        }

        self::assertEqualsWithDelta(0.5, $seen / $closely, 0.15);
        self::assertGreaterThan(0, $behindOnly);
    }

    public function test_a_plug_has_no_side_turned_away_and_nothing_is_drawn_out_in_passing(): void
    {
        foreach ([['FL', 'sensor-plug', 'from-behind'], ['FL', 'tip', 'in-passing'], [Vehicle::WHOLE, 'pump-relay', 'in-passing'], [Vehicle::WHOLE, 'fuse', 'in-passing']] as [$place, $at, $manner]) {
            try {
                Played::on(Workbench::case())->do(['do' => 'look', 'channel' => $place, 'at' => $at, 'manner' => $manner]);
                self::fail("$at $manner");
            } catch (UnfitAction $unfit) {
                self::assertEquals(UnfitAction::unknown('manner', $manner), $unfit);
            }
        }
    }

    public function test_what_is_seen_otherwise_says_so_and_the_other_side_has_marks_of_its_own(): void
    {
        $shows = static fn (Manner $manner): array => Workbench::healthy()->do(new LookAt('FL', Sight::Cable, manner: $manner))->picture->shows ?? [];

        self::assertArrayNotHasKey('manner', $shows(Manner::Closely));
        self::assertSame([...$shows(Manner::Closely), 'manner' => 'in-passing'], $shows(Manner::InPassing), 'the same marks, in less light');
        self::assertNotSame([...$shows(Manner::Closely), 'manner' => 'from-behind'], $shows(Manner::FromBehind));
    }

    /** Chance that the last of these looks names it. */
    private static function named(string $kind, string $place, string $word, LookAt ...$looks): float
    {
        return array_sum(array_map(static fn (array $way): float => end($way[1]) === $word ? $way[0] : 0.0, self::ways($kind, $place, ...$looks)));
    }

    private static function namedByAny(string $kind, string $place, string $word, LookAt ...$looks): float
    {
        return array_sum(array_map(static fn (array $way): float => in_array($word, $way[1], true) ? $way[0] : 0.0, self::ways($kind, $place, ...$looks)));
    }

    /** @return list<array{float, list<string>}> weight of each way the looks can go on a car thought of, and what each of them shows */
    private static function ways(string $kind, string $place, LookAt ...$looks): array
    {
        $sound = Workbench::vehicle();
        $ways = [[1.0, [], Car::hypothesis(Workbench::case([[$kind, $place]])->faults[0]->applyTo($sound), $sound)]];
        foreach ($looks as $look) {
            $next = [];
            foreach ($ways as [$weight, $words, $car]) {
                foreach (Workbench::simulator()->predict($car, $look) as $branch) {
                    $sight = $branch->prediction->features['sight'];
                    self::assertInstanceOf(CategoryFeature::class, $sight);
                    $next[] = [$weight * $branch->weight, [...$words, $sight->likeliest()], $branch->car];
                }
            }
            $ways = $next;
        }

        return array_map(static fn (array $way): array => [$way[0], $way[1]], $ways);
    }
}
