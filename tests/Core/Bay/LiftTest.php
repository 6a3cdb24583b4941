<?php

declare(strict_types=1);

namespace Tests\Core\Bay;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Support\ActionExamples;
use Tests\Support\Played;
use Tests\Support\Workbench;

/** What may be done in which stand of the car. Common practice, no source: nobody reaches under a car that could drop or roll. */
final class LiftTest extends TestCase
{
    private const STANDS = [
        'on the floor' => [], 'chocked' => ['chock'], 'raised without chocks' => ['raise'],
        'raised without stands' => ['chock', 'raise'], 'on stands without chocks' => ['raise', 'stand'],
    ];

    /** @return iterable<string, array{list<string>, string}> */
    public static function unsafe(): iterable
    {
        foreach (self::STANDS as $stand => $steps) {
            foreach (['turn-wheel', 'gauge-gap', 'swap-sensors'] as $action) {
                yield "$action $stand" => [$steps, $action];
            }
        }
    }

    /** @param  list<string>  $steps */
    #[DataProvider('unsafe')]
    public function test_what_needs_a_free_wheel_is_refused_and_costs(array $steps, string $action): void
    {
        $played = $this->stood($steps);
        $before = $played->job->car;
        $played->do(ActionExamples::all()[$action]);

        self::assertTrue($played->shown()->wasRefused());
        self::assertSame('unsecured', $played->shown()->refusal?->value);
        self::assertEquals($before->vehicle, $played->job->car->vehicle);
        self::assertEquals($before->state->lift, $played->job->car->state->lift);
        self::assertLessThan(15.0, $played->do(['do' => 'conclude'])->marks()->mark('safety')?->points);
    }

    public function test_on_stands_and_chocked_all_of_it_is_done(): void
    {
        foreach (['turn-wheel', 'gauge-gap', 'swap-sensors'] as $action) {
            self::assertFalse($this->stood(['chock', 'raise', 'stand'])->do(ActionExamples::all()[$action])->shown()->wasRefused(), $action);
        }
    }

    public function test_nobody_drives_a_car_that_is_raised_chocked_or_off(): void
    {
        foreach (['road-test', 'live-speeds'] as $drive) {
            $action = ActionExamples::all()[$drive];
            $running = ['do' => 'ignition', 'to' => 'running'];

            self::assertSame('raised', $this->stood(['chock', 'raise', 'stand'])->do(['do' => 'ignition', 'to' => 'on'], $action)->shown()->refusal?->value);
            self::assertSame('chocks-in', $this->stood(['chock'])->do($running, $action)->shown()->refusal?->value);
            self::assertSame('engine-off', $this->stood([])->do(['do' => 'ignition', 'to' => 'on'], $action)->shown()->refusal?->value);
            self::assertFalse($this->stood([])->do($running, $action)->shown()->wasRefused());
        }
    }

    public function test_a_car_let_down_turns_no_wheel_any_more(): void
    {
        $played = $this->stood(['chock', 'raise', 'stand'])->do(ActionExamples::all()['turn-wheel']);
        self::assertSame(['FR'], $played->job->car->state->wheels->channels());

        self::assertSame([], $played->do(['do' => 'secure', 'step' => 'lower'])->job->car->state->wheels->channels());
    }

    /** @param  list<string>  $steps */
    private function stood(array $steps): Played
    {
        return Played::on(Workbench::case())->do(...array_map(static fn (string $step): array => ['do' => 'secure', 'step' => $step], $steps));
    }
}
